import { TextDecoder, TextEncoder } from 'node:util';
import { deserialize, serialize } from 'node:v8';

// What browsers have and jsdom has not: the router asks for the first two, React Aria for the third, widths
// are watched with the fourth, what is kept on a device is copied with the fifth, and files are read with the last.
Object.assign(globalThis, {
  TextDecoder,
  TextEncoder,
  structuredClone: (value) => deserialize(serialize(value)),
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
