import { findDrill, stationCard } from '@loxos/core';
import { stationsOf } from './given-before.ts';

const asked = { pathDeg: 4, faceDeg: 2, startDeg: 0 };

it('a page given before stations held their words gets them, for the hand and the head it was made for', () => {
  const old = { drillId: 'rails', headLengthM: 0.12, ...asked };
  expect(stationsOf([old], 'left', [])).toEqual([
    stationCard(findDrill('rails')!, { hand: 'left', kind: 'driver', ...asked }, false),
  ]);
});

it('a page given since keeps its own, whatever became of the drill', () => {
  const card = {
    ...stationCard(findDrill('rails')!, { hand: 'right', kind: 'iron', ...asked }, false),
    how: 'As it was said that day.',
  };
  expect(stationsOf([card], 'left', [])).toEqual([card]);
});

it('a page given before drills had a dose of their own is given one', () => {
  const card = stationCard(findDrill('rails')!, { hand: 'right', kind: 'iron', ...asked }, false);
  const { dose, ...before } = card;
  expect(dose).toHaveLength(4);
  expect(stationsOf([before], 'right', [])).toEqual([card]);
  expect(stationsOf([{ ...before, drillId: 'own-gone' }], 'right', [])[0]!.dose).toEqual([]);
});

it('a drill taken away since, of which nothing was kept, has no station', () => {
  expect(stationsOf([{ drillId: 'own-gone', headLengthM: 0.08, ...asked }], 'right', [])).toEqual(
    [],
  );
});
