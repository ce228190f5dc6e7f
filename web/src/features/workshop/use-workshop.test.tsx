import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { useWorkshop } from './use-workshop.ts';

const at = (address: string) => ({
  wrapper: ({ children }: { children: ReactNode }) => (
    <MemoryRouter initialEntries={[address]}>{children}</MemoryRouter>
  ),
});

describe('the Workshop’s draft', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());
  const face = (deg: number, { now, ...state }: ReturnType<typeof useWorkshop>[0]) => ({
    ...state,
    now: { ...now, faceAngleDeg: deg },
  });

  it('shows a move at once, and writes it into the address after a pause', () => {
    const { result } = renderHook(() => useWorkshop(), at('/workshop?c=driver&f=0'));
    act(() => result.current[1]((now) => face(2, now)));
    expect(result.current[0].now.faceAngleDeg).toBe(2);
    act(() => jest.advanceTimersByTime(1000));
    expect(result.current[0].now.faceAngleDeg).toBe(2);
  });

  it('keeps what is moved while an earlier move is on its way into the address', () => {
    const { result } = renderHook(() => useWorkshop(), at('/workshop?c=driver&f=0'));
    act(() => result.current[1]((now) => face(-0.5, now)));
    const move = result.current[1];
    // The address is written, and in the same breath the hand moves on.
    act(() => {
      jest.advanceTimersByTime(250);
      move((now) => face(-1, now));
    });
    expect(result.current[0].now.faceAngleDeg).toBe(-1);
    act(() => jest.advanceTimersByTime(1000));
    expect(result.current[0].now.faceAngleDeg).toBe(-1);
  });
});
