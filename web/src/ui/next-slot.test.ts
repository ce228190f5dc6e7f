import { nextFreeSlot } from './next-slot.ts';

it('is the first of another day', () => {
  expect(nextFreeSlot([], null)).toBe('08:00');
});

it('is the slot under way or the next of today', () => {
  expect(nextFreeSlot([], '10:10')).toBe('10:00');
  expect(nextFreeSlot([], '10:40')).toBe('10:30');
});

it('leaves an hour to each lesson that is there', () => {
  expect(nextFreeSlot(['08:00', '09:30'], '06:00')).toBe('10:30');
  expect(nextFreeSlot(['08:00', '10:00'], '06:00')).toBe('09:00');
});

it('after hours is the first slot: it is there to be changed', () => {
  expect(nextFreeSlot([], '22:00')).toBe('08:00');
});
