import 'reflect-metadata';
import '@testing-library/jest-dom';

// jsdom has no layout: what Radix asks of it is answered with nothing.
class StillObserver {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}
Object.assign(globalThis, { ResizeObserver: StillObserver });
Object.assign(Element.prototype, {
  scrollIntoView(): void {},
  hasPointerCapture: (): boolean => false,
  setPointerCapture(): void {},
  releasePointerCapture(): void {},
});
