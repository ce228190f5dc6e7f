import { traceCause } from '../causes/trace.ts';
import { findDrill } from '../drills/catalogue.ts';
import { DEFAULT_DISPLAY_UNITS } from '../line/format.ts';
import { compareBlocks } from '../proof/compare.ts';
import type { ProofBall } from '../proof/compare.ts';
import { addDaysIso, composePage } from './page.ts';

const ball = (clubPathDeg: number): ProofBall => ({
  clubPathDeg,
  faceAngleDeg: 0,
  faceToPathDeg: -clubPathDeg,
  startDirectionDeg: 0,
  curveM: 0,
  offlineM: 0,
  carryM: 140,
  clubSpeedMps: 36,
});
const input = {
  firstChoice: { school: 'costliest', target: 'path', move: 1, reason: '' },
  trace: traceCause({ node: 'path', value: -6, hand: 'right' }, { 'ball-position': 1 }),
  drills: [findDrill('overhang')!],
  proofs: compareBlocks([-6, -5, -6.4].map(ball), [-2, -3, -2.4].map(ball)),
  units: DEFAULT_DISPLAY_UNITS,
  date: '2026-12-24',
} as const;

describe('the player’s page', () => {
  const page = composePage(input);

  it('has two points at most, from what was seen', () => {
    expect(page.points).toEqual([
      'Swing the club less across: the path comes back from the inside.',
      'Ball position was too far forward: bring it to “as it should be”.',
    ]);
  });

  it('has the numbers before and after in the player’s units, each with its plain word', () => {
    expect(page.numbers[0]).toMatchObject({
      label: 'Path (the way the club travels)',
      before: '5.8° L',
      after: '2.5° L',
      verdict: 'better',
    });
  });

  it('spreads the homework to the next look, across the turn of the year', () => {
    expect(page.nextLook).toBe('2027-01-07');
    expect(page.homework.map((h) => h.date)).toEqual([
      '2026-12-27',
      '2026-12-30',
      '2027-01-02',
      '2027-01-05',
    ]);
    expect(page.homework[0]!.what).toContain('Overhang: ten slow swings');
  });

  it('of an empty lesson is empty, not wrong', () => {
    const empty = composePage({ ...input, firstChoice: null, trace: null, drills: [], proofs: [] });
    expect(empty).toMatchObject({ points: [], numbers: [], homework: [], drillIds: [] });
  });

  it('counts days over leap years', () => {
    expect(addDaysIso('2028-02-28', 1)).toBe('2028-02-29');
    expect(addDaysIso('2027-02-28T10:00:00Z', 1)).toBe('2027-03-01');
  });
});
