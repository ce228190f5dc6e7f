import fc from 'fast-check';
import { CAUSE_LINK_IDS } from '../causes/links.ts';
import { findClub, headOf } from '../delivery/club.ts';
import { simulateShot } from '../flight/simulate.ts';
import { usualDelivery } from '../testing/deliveries.ts';
import { DRILLS, findDrill } from './catalogue.ts';
import { bodyPartsIn, judgeDrills, recommendDrills } from './choose.ts';
import type { DrillWish } from './choose.ts';
import { TENDENCIES } from './drill.ts';
import { HEAD_LENGTH_M, pathOfPegDeg, pegOutM } from './layout.ts';
import type { LayoutContext } from './layout.ts';
import { scoreStation } from './score.ts';

const context = (changes: Partial<LayoutContext> = {}): LayoutContext => ({
  hand: 'right',
  headLengthM: HEAD_LENGTH_M.iron,
  pathDeg: 4,
  faceDeg: 2,
  startDeg: 1,
  ...changes,
});
const wish = (changes: Partial<DrillWish> = {}): DrillWish => ({
  movePath: 0,
  moveFace: 0,
  target: 'none',
  tendencies: [],
  bodyNotes: '',
  cause: null,
  before: {},
  ...changes,
});

describe('the catalogue', () => {
  it('has every drill of the trade once, each with what a coach must know', () => {
    expect(new Set(DRILLS.map(({ id }) => id)).size).toBe(DRILLS.length);
    expect(DRILLS.length).toBeGreaterThanOrEqual(21);
    for (const drill of DRILLS) {
      expect(drill.how.length).toBeGreaterThan(20);
      expect(drill.good).not.toBe('');
      expect(drill.misses.length).toBeGreaterThan(0);
      for (const link of drill.near) expect(CAUSE_LINK_IDS).toContain(link);
    }
  });

  it('never moves towards what it is not for', () => {
    for (const { movesPath, movesFace, notFor, name } of DRILLS) {
      if (movesPath > 0) expect([name, notFor.includes('out-to-in')]).toEqual([name, false]);
      if (movesPath < 0) expect([name, notFor.includes('in-to-out')]).toEqual([name, false]);
      if (movesFace > 0) expect([name, notFor.includes('closed')]).toEqual([name, false]);
      if (movesFace < 0) expect([name, notFor.includes('open')]).toEqual([name, false]);
    }
  });

  it('moves the ball the way its effect says, by the impact model', () => {
    const club = findClub('7-iron')!;
    for (const { movesPath, movesFace } of DRILLS) {
      if ((movesPath === 0) === (movesFace === 0)) continue;
      const curve = simulateShot(
        usualDelivery(club, { clubPathDeg: 2 * movesPath, faceAngleDeg: 2 * movesFace }),
        headOf(club),
      ).flight.curveM;
      // More in-to-out bends to the draw side, more open to the fade side.
      expect(Math.sign(curve)).toBe(Math.sign(movesFace - movesPath));
    }
  });
});

describe('layouts', () => {
  it('have the distances of plain trigonometry', () => {
    // tan 6.1° = 0.10687: 0.24 m ahead is 25.6 mm out.
    expect(pegOutM(0.24, 6.1)).toBeCloseTo(0.24 * 0.10687, 5);
    expect(pathOfPegDeg(0.24, 0.0256489)).toBeCloseTo(6.1, 2);
    for (const angle of [-12, -3, 0, 7, 20])
      expect(pathOfPegDeg(0.3, pegOutM(0.3, angle))).toBeCloseTo(angle, 10);
  });

  it('far peg: two heads ahead and one in is the angle of its tangent, 26.6°', () => {
    const { parts, tape } = findDrill('far-peg')!.layout(context({ pathDeg: 0 }));
    const peg = parts.find((p) => p.kind === 'peg')!;
    expect(peg.alongM).toBeCloseTo(0.16, 10);
    expect(pathOfPegDeg(peg.alongM, peg.rightM)).toBeCloseTo(-26.565, 2);
    expect(tape.map((t) => t.distanceM)).toEqual([0.16, 0.08]);
  });

  it('gates leave the head its length and a margin', () => {
    const { parts, tape } = findDrill('two-gates')!.layout(context({ pathDeg: 0, startDeg: 0 }));
    const gate = parts.filter((p) => p.label === 'club gate').map((p) => p.rightM);
    expect(Math.abs(gate[0]! - gate[1]!)).toBeCloseTo(0.08 + 0.06, 10);
    expect(tape.find((t) => t.label === 'width of the start gate')!.distanceM).toBeCloseTo(
      2 * 3 * 0.026186,
      4,
    );
  });

  it('mirror for a left-hander, part by part', () => {
    for (const drill of DRILLS) {
      const [right, left] = [drill.layout(context()), drill.layout(context({ hand: 'left' }))];
      right.parts.forEach((part, i) => {
        expect(left.parts[i]!.rightM).toBeCloseTo(-part.rightM, 12);
        expect(left.parts[i]!.alongM).toBe(part.alongM);
        expect(left.parts[i]!.angleDeg).toBeCloseTo(-part.angleDeg, 12);
      });
      expect(left.tape).toEqual(right.tape);
    }
  });
});

describe('the choice of drill', () => {
  it('for a slicer’s path offers what moves it in-to-out, the one near the cause first', () => {
    const offered = recommendDrills(
      DRILLS,
      wish({
        movePath: 1,
        target: 'path',
        tendencies: ['slice', 'out-to-in'],
        cause: 'lead-elbow',
      }),
    );
    expect(offered[0]!.drill.id).toBe('long-arms');
    expect(offered.map((c) => c.drill.id)).toEqual(
      expect.arrayContaining(['stepping-pegs', 'overhang', 'late-chest', 'slalom']),
    );
    expect(offered.map((c) => c.drill.id)).not.toContain('far-peg');
  });

  it('puts what worked for this player before first, and what did nothing later', () => {
    const before = { overhang: 3.2, 'stepping-pegs': -0.5 };
    const order = recommendDrills(DRILLS, wish({ movePath: 1, target: 'path', before })).map(
      (c) => c.drill.id,
    );
    expect(order[0]).toBe('overhang');
    expect(order.indexOf('stepping-pegs')).toBeGreaterThan(order.indexOf('late-chest'));
  });

  it('warns in words of the opposite fault and of the body', () => {
    const judged = judgeDrills(
      DRILLS,
      wish({ movePath: 1, tendencies: ['slice'], bodyNotes: 'Right wrist was broken years ago' }),
    );
    const of = (id: string) => judged.find((c) => c.drill.id === id)!;
    expect(of('far-peg').worsens).toBe(true);
    expect(of('far-peg').warnings.join(' ')).toContain('a player who slices');
    expect(of('flat-card').warnings.join(' ')).toContain('Loads the wrist');
    expect(bodyPartsIn('Stiff lower back; sore elbows')).toEqual(['back', 'elbow']);
  });

  it('never recommends a drill with the opposite effect, for any player', () => {
    const anyWish = fc.record({
      movePath: fc.constantFrom<-1 | 0 | 1>(-1, 0, 1),
      moveFace: fc.constantFrom<-1 | 0 | 1>(-1, 0, 1),
      target: fc.constantFrom<DrillWish['target']>('face', 'path', 'strike', 'aim', 'none'),
      tendencies: fc.subarray([...TENDENCIES]),
      bodyNotes: fc.constantFrom('', 'bad back', 'wrist'),
      cause: fc.constantFrom(null, ...CAUSE_LINK_IDS),
      before: fc.dictionary(
        fc.constantFrom(...DRILLS.map((d) => d.id)),
        fc.double({ min: -5, max: 5, noNaN: true }),
      ),
    });
    fc.assert(
      fc.property(anyWish, (w) => {
        for (const { drill } of recommendDrills(DRILLS, w)) {
          expect(drill.movesPath * w.movePath).toBeGreaterThanOrEqual(0);
          expect(drill.movesFace * w.moveFace).toBeGreaterThanOrEqual(0);
          for (const tendency of w.tendencies) expect(drill.notFor).not.toContain(tendency);
        }
      }),
      { seed: 20261124, numRuns: 400 },
    );
  });
});

describe('the station log', () => {
  const reps = (marks: string) =>
    [...marks].map((m) => ({ good: m === '+', miss: m === '+' ? '' : m }));

  it('steps up at eight of ten, back at under five, and counts the streak', () => {
    expect(scoreStation(reps('++-+++++-+'))).toMatchObject({
      lastGood: 8,
      advice: 'step up',
      streak: 1,
    });
    expect(scoreStation(reps('+--+-+-+--'))).toMatchObject({ lastGood: 4, advice: 'step back' });
    expect(scoreStation(reps('+-+-+-+-+-'))).toMatchObject({ lastGood: 5, advice: 'go on' });
    expect(scoreStation(reps('--------++++++++++'))).toMatchObject({
      streak: 10,
      advice: 'step up',
      count: 18,
    });
  });

  it('waits for ten, and has something to say of none', () => {
    expect(scoreStation(reps('+++'))).toMatchObject({
      advice: 'go on',
      words: '3 of a set of ten.',
      streak: 3,
    });
    expect(scoreStation([])).toMatchObject({ count: 0, streak: 0, commonMiss: null });
    expect(scoreStation(reps('lllr+')).commonMiss).toBe('l');
  });
});
