import fc from 'fast-check';
import { CAUSE_LINK_IDS } from '../causes/links.ts';
import { findClub, headOf } from '../delivery/club.ts';
import { simulateShot } from '../flight/simulate.ts';
import { usualDelivery } from '../testing/deliveries.ts';
import { DRILLS, findDrill } from './catalogue.ts';
import { layoutFor, usualAsk } from './ask.ts';
import { bodyPartsIn } from './body-notes.ts';
import { judgeDrills, offeredOf } from './choose.ts';
import type { DrillWish } from './wish.ts';
import { MOVES } from '../plan/routes.ts';
import { drillReason, drillWarning, suitsWords } from '../words/drills.ts';
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
  move: 'path',
  pathWay: 0,
  faceWay: 0,
  outside: { path: 0, face: 0, faceToPath: 0 },
  tendencies: [],
  after: [],
  bodyNotes: '',
  causes: [],
  credited: {},
  ...changes,
});
const ids = (w: DrillWish): string[] => offeredOf(judgeDrills(DRILLS, w)).map((c) => c.drill.id);

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

describe('every drill of the catalogue', () => {
  it('draws the feet, the ball and something to do, with distances to tape', () => {
    for (const drill of DRILLS) {
      for (const headLengthM of [0.08, 0.12]) {
        const { parts, tape } = drill.layout(context({ headLengthM }));
        const kinds = parts.map(({ kind }) => kind);
        expect([drill.id, kinds.filter((kind) => kind === 'shoe')]).toEqual([
          drill.id,
          ['shoe', 'shoe'],
        ]);
        expect(kinds).toContain('ball');
        expect(parts.length).toBeGreaterThan(4);
        expect([drill.id, tape.length > 0]).toEqual([drill.id, true]);
        for (const { from, to, distanceM } of tape) {
          // Pythagoras by hand, between the places the mark names.
          const [dx, dy] = [to.rightM - from.rightM, to.alongM - from.alongM];
          expect(distanceM).toBeCloseTo(Math.sqrt(dx * dx + dy * dy), 12);
        }
      }
    }
  });

  it('a head cover stops paths two degrees beyond the one asked for', () => {
    for (const pathDeg of [-4, 0, 3]) {
      const { tape } = findDrill('inside-guard')!.layout(context({ pathDeg, headLengthM: 0.08 }));
      const edge = tape.find(({ label }) => label.startsWith('edge'))!.distanceM;
      // 30 cm behind the ball a head on that path has its inner edge so far inside the line.
      expect(edge).toBeCloseTo(0.3 * Math.tan(((pathDeg + 2) * Math.PI) / 180) + 0.04, 12);
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
    const drill = findDrill('far-peg')!;
    const { parts, tape } = layoutFor(drill, { hand: 'right', kind: 'iron', ...usualAsk(drill) });
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
      left.tape.forEach(({ label, distanceM, from, to }, i) => {
        const other = right.tape[i]!;
        expect([label, distanceM]).toEqual([other.label, other.distanceM]);
        expect(from.rightM).toBeCloseTo(-other.from.rightM, 12);
        expect(to.rightM).toBeCloseTo(-other.to.rightM, 12);
      });
    }
  });
});

describe('the choice of drill', () => {
  const slicer = wish({
    pathWay: 1,
    tendencies: ['slice', 'out-to-in'],
    outside: { path: -1, face: 0, faceToPath: 1 },
  });

  it('for a slicer’s path offers what moves it in-to-out, the one near a cause seen first', () => {
    const offered = ids({ ...slicer, causes: ['lead-elbow'] });
    expect(offered[0]).toBe('long-arms');
    expect(offered).toEqual(
      expect.arrayContaining(['stepping-pegs', 'overhang', 'late-chest', 'slalom']),
    );
    expect(offered).not.toContain('far-peg');
  });

  it('for a straight puller’s face and path together offers neither path nor face drills alone', () => {
    const pull = wish({
      move: 'together',
      pathWay: 1,
      faceWay: 1,
      tendencies: ['pull', 'out-to-in'],
      outside: { path: -1, face: -1, faceToPath: 0 },
    });
    const offered = ids(pull);
    expect(offered[0]).toBe('hip-stay');
    expect(offered).toEqual(expect.arrayContaining(['rails', 'corner-frame']));
    for (const id of ['two-knuckles', 'overhang', 'stepping-pegs', 'finger-hold'])
      expect(offered).not.toContain(id);
  });

  it('offers no Slalom and no Quiet brim for a face, and no Hip stay to an open one', () => {
    const face = ids(
      wish({ move: 'face', faceWay: -1, outside: { path: 0, face: 1, faceToPath: 1 } }),
    );
    expect(face).toEqual(expect.arrayContaining(['finger-hold', 'flat-card', 'preset-close']));
    for (const id of ['slalom', 'quiet-brim', 'hip-stay']) expect(face).not.toContain(id);
    const path = ids(wish({ pathWay: 1, outside: { path: -1, face: 1, faceToPath: 1 } }));
    expect(path).not.toContain('hip-stay');
  });

  it('trains the strike with a strike drill, and aim with aim', () => {
    expect(ids(wish({ move: 'strike' }))).toEqual(['ball-ladder']);
    expect(ids(wish({ move: 'aim', pathWay: 1, faceWay: 1 }))).toContain('rails');
  });

  it('puts what was clearly credited first, and what moved the other way last', () => {
    const order = ids({ ...slicer, credited: { overhang: 3.2, 'stepping-pegs': -1 } });
    expect(order[0]).toBe('overhang');
    expect(order.indexOf('stepping-pegs')).toBeGreaterThan(order.indexOf('late-chest'));
  });

  it('warns of the opposite fault, of what it leads to and of the body', () => {
    const judged = judgeDrills(DRILLS, {
      ...slicer,
      after: ['hook'],
      bodyNotes: 'Right wrist was broken years ago',
    });
    const of = (id: string) => judged.find((c) => c.drill.id === id)!;
    expect(of('far-peg').worsens).toBe(true);
    expect(of('far-peg').warnings.map(drillWarning).join(' ')).toContain('a player who slices');
    expect(of('overhang').warnings.map(drillWarning).join(' ')).toContain('After this change');
    expect(of('flat-card').warnings.map(drillWarning).join(' ')).toContain('Loads the wrist');
    expect(bodyPartsIn('Stiff lower back; sore elbows')).toEqual(['back', 'elbow']);
  });

  it('says which way it moves what, by the hand', () => {
    const [stepping] = offeredOf(judgeDrills([findDrill('stepping-pegs')!], slicer));
    const say = (hand: 'right' | 'left') => drillReason(stepping!.reasons[0]!, 'path', hand);
    expect(say('right')).toBe('Moves the path right.');
    expect(say('left')).toBe('Moves the path left.');
    expect(suitsWords(findDrill('stepping-pegs')!)).toContain('look');
  });

  it('never offers what is against the move, further out or not for the player, for any wish', () => {
    const way = fc.constantFrom<-1 | 0 | 1>(-1, 0, 1);
    const anyWish = fc.record({
      move: fc.constantFrom(...MOVES),
      pathWay: way,
      faceWay: way,
      outside: fc.record({ path: way, face: way, faceToPath: way }),
      tendencies: fc.subarray([...TENDENCIES]),
      after: fc.subarray([...TENDENCIES]),
      bodyNotes: fc.constantFrom('', 'bad back', 'wrist'),
      causes: fc.subarray([...CAUSE_LINK_IDS]),
      credited: fc.dictionary(
        fc.constantFrom(...DRILLS.map((d) => d.id)),
        fc.double({ min: -5, max: 5, noNaN: true }),
      ),
    });
    fc.assert(
      fc.property(anyWish, (w) => {
        for (const { drill } of offeredOf(judgeDrills(DRILLS, w))) {
          expect(drill.movesPath * w.pathWay).toBeGreaterThanOrEqual(0);
          expect(drill.movesFace * w.faceWay).toBeGreaterThanOrEqual(0);
          if (w.pathWay === 0 && drill.movesPath !== 0)
            expect(drill.movesPath).not.toBe(w.outside.path);
          if (w.faceWay === 0 && drill.movesFace !== 0)
            expect(drill.movesFace).not.toBe(w.outside.face);
          for (const tendency of [...w.tendencies, ...w.after])
            expect(drill.notFor).not.toContain(tendency);
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
      streak: 3,
    });
    expect(scoreStation([])).toMatchObject({ count: 0, streak: 0, commonMiss: null });
    expect(scoreStation(reps('lllr+')).commonMiss).toBe('l');
  });
});
