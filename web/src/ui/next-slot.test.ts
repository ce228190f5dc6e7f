import { nextFreeSlot } from './next-slot.ts';

const at = (hours: number, minutes = 0, day = 4) => new Date(2026, 4, day, hours, minutes);
const slot = (taken: Date[], now: Date, day = at(0)) => nextFreeSlot(day, taken, now);

it('is the first of another day', () => {
  expect(slot([], at(15, 0, 3))).toEqual(at(8));
});

it('is the slot under way or the next of today', () => {
  expect(slot([], at(10, 10))).toEqual(at(10));
  expect(slot([], at(10, 40))).toEqual(at(10, 30));
});

it('leaves an hour to each lesson that is there', () => {
  expect(slot([at(8), at(9, 30)], at(6))).toEqual(at(10, 30));
  expect(slot([at(8), at(10)], at(6))).toEqual(at(9));
});

it('after hours is the first slot: it is there to be changed', () => {
  expect(slot([], at(22))).toEqual(at(8));
});
