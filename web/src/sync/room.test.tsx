import { renderHook, waitFor } from '@testing-library/react';
import { isNearlyFull, useNearlyFull } from './room.ts';

const grant = (usage: number, quota: number): void =>
  void Object.defineProperty(navigator, 'storage', {
    configurable: true,
    value: { estimate: () => Promise.resolve({ usage, quota }) },
  });
afterEach(() => void Reflect.deleteProperty(navigator, 'storage'));

describe('the browser’s store', () => {
  it.each([
    [91, 100, true],
    [89, 100, false],
    [0, 0, false],
  ])('with %d of %d used: nearly full %p', async (usage, quota, full) => {
    grant(usage, quota);
    expect(await isNearlyFull()).toBe(full);
  });

  it('that does not say is not said to be full', async () => {
    expect(await isNearlyFull()).toBe(false);
  });

  it('is said to be nearly full on the screen', async () => {
    grant(95, 100);
    const { result } = renderHook(() => useNearlyFull());
    await waitFor(() => expect(result.current).toBe(true));
  });
});
