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
    act(() => result.current[1](face(2, result.current[0])));
    expect(result.current[0].now.faceAngleDeg).toBe(2);
    act(() => jest.advanceTimersByTime(1000));
    expect(result.current[0].now.faceAngleDeg).toBe(2);
  });

  it('keeps what is moved while an earlier move is on its way into the address', () => {
    const { result } = renderHook(() => useWorkshop(), at('/workshop?c=driver&f=0'));
    act(() => result.current[1](face(-0.5, result.current[0])));
    const move = result.current[1];
    const later = face(-1, result.current[0]);
    // The address is written, and in the same breath the hand moves on.
    act(() => {
      jest.advanceTimersByTime(250);
      move(later);
    });
    expect(result.current[0].now.faceAngleDeg).toBe(-1);
    act(() => jest.advanceTimersByTime(1000));
    expect(result.current[0].now.faceAngleDeg).toBe(-1);
  });
});
