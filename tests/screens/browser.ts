import { MessageChannel } from 'node:worker_threads';
import { TextDecoder, TextEncoder } from 'node:util';

// What a browser has and jsdom does not.
Object.assign(globalThis, { TextEncoder, TextDecoder, MessageChannel });
globalThis.ResizeObserver = class {
  observe() {}
  unobserve() {}
  disconnect() {}
};
window.matchMedia = (media) =>
  ({
    media,
    matches: false,
    addEventListener() {},
    removeEventListener() {},
    addListener() {},
    removeListener() {},
  }) as unknown as MediaQueryList;
const styleOf = window.getComputedStyle.bind(window);
window.getComputedStyle = (element) => styleOf(element);
Object.defineProperty(globalThis.crypto, 'randomUUID', { value: () => '6a1f0c52-7d0e-4b57-9a36-0c5f2f4b1e99', configurable: true });
