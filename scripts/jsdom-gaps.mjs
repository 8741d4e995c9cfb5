import { TextDecoder, TextEncoder } from 'node:util';

// What browsers have and jsdom has not: the router asks for the first two, React Aria for the third, and
// widths are watched with the last.
Object.assign(globalThis, {
  TextDecoder,
  TextEncoder,
  CSS: { supports: () => false, escape: (text) => text },
  ResizeObserver: class {
    observe() {}
    unobserve() {}
    disconnect() {}
  },
});
