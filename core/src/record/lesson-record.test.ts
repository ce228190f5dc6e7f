import { STANDARD_BAG } from '../delivery/club.ts';
import { seededRandom } from '../maths/random.ts';
import { drillEffects } from '../proof/effects.ts';
import type { BlockKind, LessonBall } from '../reading/ball.ts';
import { clubKeyOf } from '../reading/blocks.ts';
import { resolveContext } from '../reading/context.ts';
import { ballsOf, tries } from '../testing/players.ts';
import { readLesson } from '../lesson/read.ts';
import { RECORD_FIGURES, openRecord, recordOfLesson } from './lesson-record.ts';

const random = seededRandom(41);
const KINDS: readonly BlockKind[] = ['baseline', 'drill', 'toned', 'play', 'demonstration'];
const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;

/** A lesson with clubs, blocks, gaps in its rows, mishits, taps of the eye and rows that the coach took out. */
function anyLesson(hand: 'right' | 'left'): LessonBall[] {
  return Array.from({ length: 4 }, (_, set) => {
    const kind = pick(KINDS);
    const club = pick(STANDARD_BAG).id;
    return ballsOf(club, 1 + Math.floor(random() * 9), random, {
      path: 8 * random() - 4,
      face: 6 * random() - 3,
      hand,
    }).map((ball, n): LessonBall => {
      const without = random();
      return {
        ...ball,
        id: `s${set}b${n}`,
        blockId: random() < 0.8 ? `block ${set}` : null,
        block: kind,
        drillId: kind === 'drill' ? pick(['rails', 'overhang']) : null,
        keep: random() < 0.1 ? 'out' : 'auto',
        seen: random() < 0.1 ? 'eye' : 'monitor',
        ...(without < 0.3 && { faceAngleDeg: null, clubPathDeg: null, faceToPathDeg: null }),
        ...(without > 0.8 && { carryM: null, curveM: null, offlineM: null }),
        ...(without > 0.95 && { carryM: 12 }),
      };
    });
  }).flat();
}

describe('a lesson’s record', () => {
  it('holds what the reading of the lesson says of every ball', () => {
    for (let i = 0; i < tries(12, 300); i++) {
      const hand = pick(['right', 'left'] as const);
      const balls = anyLesson(hand);
      const { views } = readLesson(balls, { hand });
      const kept = recordOfLesson(balls, resolveContext({ hand }));
      const opened = openRecord(kept);
      expect(opened.count).toBe(views.length);
      views.forEach((view, n) => {
        const said = {
          ...view.ball,
          faceAngleDeg: view.faceAngleDeg,
          clubPathDeg: view.clubPathDeg,
          faceToPathDeg: view.faceToPathDeg,
          startDirectionDeg: view.start?.value ?? null,
          carryM: view.carry?.value ?? null,
          offlineM: view.offline?.value ?? null,
          curveM: view.curve?.value ?? null,
        };
        for (const figure of RECORD_FIGURES)
          expect(opened.figures[figure][n]).toBe(Math.fround(said[figure] ?? NaN));
        expect(opened.leftOut(n)).toBe(view.leftOut);
        expect(opened.isInferred(n)).toBe(view.inferred);
        expect(opened.isSeen(n)).toBe(view.ball.seen === 'eye');
        expect(opened.clubOf(n)).toBe(clubKeyOf(view.ball));
        const { blockId, block, drillId } = view.ball;
        expect(opened.blockOf(n)).toEqual({ id: blockId, kind: block, drillId });
        for (const figure of ['start', 'carry', 'offline', 'curve'] as const)
          expect(opened.sourceOf(n, figure)).toBe(view[figure]?.from ?? 'none');
      });
      expect(kept.effects).toEqual(drillEffects(balls, resolveContext({ hand })));
    }
  });

  it('takes about 90 bytes a ball, and keeps where each was in the lesson', () => {
    const balls = ballsOf('7-iron', 30, random, { path: 0, face: 0 }).map((ball, n) => ({
      ...ball,
      ordinal: 3 * n + 1,
    }));
    const kept = recordOfLesson(balls, resolveContext({ hand: 'right' }));
    expect(kept.columns.byteLength / 30).toBeLessThan(90);
    expect(Array.from(openRecord(kept).ordinals)).toEqual(balls.map(({ ordinal }) => ordinal));
  });

  it('is nothing of a lesson without balls', () => {
    const kept = recordOfLesson([], resolveContext({ hand: 'left' }));
    expect(openRecord(kept).count).toBe(0);
    expect(kept.effects).toEqual([]);
  });

  it('is opened wherever its bytes lie, and refused when they are cut short', () => {
    const balls = ballsOf('driver', 5, random, { path: 2, face: 1 });
    const kept = recordOfLesson(balls, resolveContext({ hand: 'right' }));
    const shifted = new Uint8Array(kept.columns.byteLength + 3);
    shifted.set(kept.columns, 3);
    const moved = { ...kept, columns: shifted.subarray(3) };
    expect(openRecord(moved).figures).toEqual(openRecord(kept).figures);
    const short = { ...kept, columns: kept.columns.subarray(1) };
    expect(() => openRecord(short)).toThrow('5 balls take');
  });
});
