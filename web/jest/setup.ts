import 'reflect-metadata';
import '@testing-library/jest-dom';
import { configure } from '@testing-library/react';

// jsdom has no layout: what Radix asks of it is answered with nothing.
class StillObserver {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}
/** A worker that never answers. */
class StillWorker extends EventTarget {
  postMessage(): void {}
  terminate(): void {}
}
Object.assign(globalThis, { ResizeObserver: StillObserver, Worker: StillWorker });
Object.assign(Element.prototype, {
  scrollIntoView(): void {},
  hasPointerCapture: (): boolean => false,
  setPointerCapture(): void {},
  releasePointerCapture(): void {},
});
// A table draws the rows its place has room for: here the place is this large.
Object.defineProperties(Element.prototype, {
  clientHeight: { configurable: true, get: () => 600 },
  clientWidth: { configurable: true, get: () => 800 },
});

// A form that is fetched when it is opened takes long the first time on a busy machine: slow is not wrong.
configure({ asyncUtilTimeout: 5000 });
