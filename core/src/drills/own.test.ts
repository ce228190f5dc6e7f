import { tapeText } from '../words/format.ts';
import { askOfStage, layoutFor } from './ask.ts';
import { findDrill } from './catalogue.ts';
import { asDrill, drillBy, kindOfHead } from './own.ts';
import type { Stage } from '../plan/stages.ts';
import type { OwnDrillFacts } from './own.ts';
import type { Hand } from '../line/hand.ts';

const own: OwnDrillFacts = {
  id: 'own-1',
  name: 'Low bench',
  movesPath: 1,
  movesFace: 0,
  how: 'Swing under it.',
  good: 'No touch.',
  parts: [{ kind: 'rod', label: 'bench', alongM: -0.3, outM: 0.2, lengthM: 0.4, angleDeg: 90 }],
};

describe('distances to tape out', () => {
  it.each([
    [0.16, 'm', '16 cm'],
    [3, 'm', '3.00 m'],
    [0.08, 'm', '8 cm'],
    [0.021, 'm', '2.1 cm'],
    // 24 ÷ 2.54 = 9.449; 3 ÷ 0.3048 = 9 feet and 10.1 inches; 12 inches are no foot more than the next foot.
    [0.24, 'yd', '9.4″'],
    [0.3048, 'yd', '12″'],
    [3, 'yd', '9′ 10″'],
    [1.827, 'yd', '6′ 0″'],
  ] as const)('%d m in the coach’s unit (%s) is %s', (distanceM, unit, text) => {
    expect(tapeText(distanceM, unit)).toBe(text);
  });
});

describe('the head a page was made for', () => {
  it.each([
    [0.12, 'driver'],
    [0.1, 'fairway'],
    [0.095, 'hybrid'],
    [0.08, 'iron'],
    [0.2, 'iron'],
  ])('%d m is a %s’s', (lengthM, kind) => {
    expect(kindOfHead(lengthM)).toBe(kind);
  });
});

describe('a drill of the academy’s own', () => {
  it('is found beside the catalogue’s, and is not for the fault it makes worse', () => {
    expect(drillBy('own-1', [own])!.name).toBe('Low bench');
    expect(drillBy('overhang', [own])!.name).toBe('Overhang');
    expect(drillBy('gone', [own])).toBeNull();
    expect(asDrill(own).notFor).toEqual(['hook', 'in-to-out']);
    expect(asDrill({ ...own, movesPath: 0, movesFace: 1 }).notFor).toEqual(['slice', 'open']);
  });

  it('lays its parts out for the hand', () => {
    const station = { kind: 'iron', pathDeg: 0, faceDeg: 0, startDeg: 0 } as const;
    const outOf = (hand: Hand) =>
      layoutFor(asDrill(own), { hand, ...station }).parts.find(
        ({ label }) => label === own.parts[0]!.label,
      )!.rightM;
    expect(outOf('right')).toBe(0.2);
    expect(outOf('left')).toBe(-0.2);
  });
});

describe('what a station asks for', () => {
  const stage = {
    pathDeg: 0,
    faceDeg: -2,
    pathByDeg: 6,
    faceByDeg: 3,
    expected: { startDeg: -1.6 },
  } as Stage;
  const feel = { dose: 'feel', asks: { pathDeg: { usual: 0, min: -12, max: 12 } } } as const;

  it('is where the stage goes, overdone the way it moves of a feel, in words of the hand', () => {
    expect(askOfStage(feel, stage, 'right')).toMatchObject({ pathDeg: 3, faceDeg: 0, startDeg: 0 });
    expect(askOfStage(feel, stage, 'left')).toMatchObject({ pathDeg: -3, faceDeg: 0 });
  });

  it('is the aim itself where the station is gone through', () => {
    expect(askOfStage({ ...feel, dose: 'station' }, stage, 'right').pathDeg).toBe(0);
    const gates = findDrill('two-gates')!;
    expect(askOfStage(gates, stage, 'right').pathDeg).toBe(0);
  });

  it('is as usual where the drill cannot be laid for that', () => {
    const far = { ...stage, pathDeg: 20, pathByDeg: 30 } as Stage;
    expect(askOfStage(feel, far, 'right').pathDeg).toBe(0);
  });
});
