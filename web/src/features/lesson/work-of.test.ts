import { DEFAULT_BANDS, EMPTY_BALL, readBalls } from '@loxos/core';
import type { Hand, LessonBall } from '@loxos/core';
import type { Lesson } from '../../api/client.ts';
import { useOutbox } from '../../api/outbox.ts';
import { useUndo } from '../../app/undo.ts';
import { observationsIn, partOf, savePart } from './parts.ts';
import { planWork } from './work-of.ts';

const lessonFor = (
  hand: Hand,
  parts: Partial<Record<string, object>> = {},
  bodyNotes = '',
): Lesson =>
  ({
    id: 'l',
    player: { id: 'p', hand, bodyNotes, lengthUnit: 'm', angleStyle: 'letters' },
    balls: [],
    parts: Object.entries(parts).map(([part, value]) => ({
      part,
      value,
      updatedAt: '',
      updatedBy: '',
    })),
  }) as unknown as Lesson;

function groupFor(hand: Hand, path: number, face: number) {
  const turn = hand === 'left' ? -1 : 1;
  const balls = Array.from({ length: 6 }, (_, i): LessonBall => ({
    ...EMPTY_BALL,
    id: String(i),
    club: '7-iron',
    clubPathDeg: turn * (path + (i % 3) * 0.2),
    faceAngleDeg: turn * (face + (i % 2) * 0.2),
  }));
  return readBalls(balls, { hand }).groups[0]!;
}

describe('the plan of work', () => {
  it.each(['right', 'left'] as const)(
    'of a %s-handed slicer moves the path in-to-out, with drills that do',
    (hand) => {
      const plan = planWork(lessonFor(hand), groupFor(hand, -6, 1), [], [])!;
      expect(plan.choice).toMatchObject({ target: 'path', move: 1, school: 'costliest' });
      expect(plan.warning).toBeNull();
      for (const { drill } of plan.offered) expect(drill.movesPath).toBeGreaterThanOrEqual(0);
      expect(plan.all.find(({ drill }) => drill.id === 'far-peg')!.worsens).toBe(true);
    },
  );

  it('keeps to the lesson’s rule over the academy’s', () => {
    const group = groupFor('right', -6, 3);
    const school = (lesson: Lesson, usual?: 'face-first') =>
      planWork(lesson, group, [], [], usual && { firstSchool: usual, bands: DEFAULT_BANDS })!.choice
        .school;
    expect(school(lessonFor('right'))).toBe('costliest');
    expect(school(lessonFor('right'), 'face-first')).toBe('face-first');
    expect(
      school(lessonFor('right', { work: { school: 'path-first', drillIds: [] } }), 'face-first'),
    ).toBe('path-first');
  });

  it.each(['right', 'left'] as const)(
    'warns a %s-handed straight puller in every school',
    (hand) => {
      const plan = planWork(lessonFor(hand), groupFor(hand, -6, -6), [], [])!;
      expect(plan.warning).toContain('straight pull');
    },
  );

  it('keeps to the academy’s own bands', () => {
    const wide = { ...DEFAULT_BANDS, pathNeutralDeg: 5, faceSquareDeg: 5 };
    const rules = { firstSchool: 'path-first', bands: wide } as const;
    const plan = planWork(lessonFor('right'), groupFor('right', -3, 1), [], [], rules)!;
    expect(plan.choice).toMatchObject({ school: 'path-first', target: 'none' });
  });

  it('puts first what worked for this player', () => {
    const effects = [
      { drillId: 'late-chest', figure: 'clubPathDeg', difference: 3, verdict: 'better', balls: 10 },
    ] as const;
    expect(
      planWork(lessonFor('right'), groupFor('right', -6, 1), effects, [])!.offered[0]!.drill.id,
    ).toBe('late-chest');
    // The same change is the wrong way for a left-hander.
    const left = planWork(lessonFor('left'), groupFor('left', -6, 1), effects, [])!;
    expect(left.offered[0]!.drill.id).not.toBe('late-chest');
  });

  it('minds the body, from the player’s notes and from today', () => {
    const lesson = lessonFor('right', { setup: { body: 'sore hip' } }, 'old wrist injury');
    const { all } = planWork(lesson, groupFor('right', -6, 1), [], [])!;
    const of = (id: string) => all.find(({ drill }) => drill.id === id)!.warnings.join(' ');
    expect(of('late-chest')).toContain('Loads the hip');
    expect(of('flat-card')).toContain('Loads the wrist');
  });

  it('is none without balls', () => {
    expect(planWork(lessonFor('right'), undefined, [], [])).toBeNull();
  });
});

describe('what a step holds', () => {
  beforeEach(() => {
    useOutbox.setState({ entries: [] });
    useUndo.setState({ steps: [] });
  });

  it('is kept through the outbox, and undo puts back what was there', () => {
    const lesson = lessonFor('right', { setup: { feetDeg: -4 } });
    savePart(lesson, 'setup', { ...partOf(lesson, 'setup'), feetDeg: 2 }, 'set-up');
    useUndo.getState().undoLast();
    const values = useOutbox
      .getState()
      .entries.map((entry) => (entry.op === 'part' ? entry.value['feetDeg'] : null));
    expect(values).toEqual([2, -4]);
  });

  it('has blanks where nothing was put down', () => {
    expect(partOf(lessonFor('right'), 'setup')).toMatchObject({
      feetDeg: null,
      knuckles: null,
      target: '',
    });
    expect(partOf(lessonFor('right'), 'send')).toBeNull();
  });

  it('turns set-up into links by the hand, and what was seen in the swing wins', () => {
    const setup = { shoulderDeg: -5, knuckles: 3 };
    expect(observationsIn(lessonFor('right', { setup }))).toEqual({
      'shoulder-line': 1,
      'grip-strength': 1,
    });
    expect(observationsIn(lessonFor('left', { setup }))['shoulder-line']).toBe(-1);
    const both = lessonFor('right', { setup, causes: { observations: { 'shoulder-line': 0 } } });
    expect(observationsIn(both)['shoulder-line']).toBe(0);
  });
});
