import { TextDecoder, TextEncoder } from 'node:util';

// What browsers have and jsdom has not: the router asks for the first two, React Aria for the third, widths
// are watched with the fourth, and files are read with the last.
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

if (globalThis.Blob)
  globalThis.Blob.prototype.text ??= function () {
    return new Promise((resolve, reject) => {
      const reader = new globalThis.FileReader();
      reader.onload = () => resolve(reader.result);
      reader.onerror = () => reject(reader.error);
      reader.readAsText(this);
    });
  };
