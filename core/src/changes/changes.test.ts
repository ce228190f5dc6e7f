import { applySteps, withThing } from './apply.ts';
import { laneBefore, laneOf } from './change.ts';
import type { Step } from './change.ts';
import { inverse } from './inverse.ts';
import { THINGS, THING_NAMES, VERBS, mayDo } from './things.ts';
import type { ThingName, Verb } from './things.ts';
import { waitingWords, didWords } from './words.ts';

const step = (
  thing: ThingName,
  verb: Verb,
  id: string,
  fields: Record<string, unknown> = {},
  of = 'l',
): Step => ({ thing, verb, id, of, fields, seen: null });

const lesson = {
  balls: [
    { id: 'a', ordinal: 1, club: 'driver', blockId: null, launchFileId: 'f' },
    { id: 'b', ordinal: 2, club: 'driver', blockId: null, launchFileId: null },
  ],
  blocks: [{ id: 'k', kind: 'baseline', startedAt: '2026-05-04T09:00:00Z' }],
  parts: [{ part: 'causes', value: { observations: { chest: 1 } }, version: 3 }],
  files: [{ id: 'f' }],
};

describe('steps done in what a screen has', () => {
  it('a new ball is the last, in the block under way', () => {
    const { balls } = applySteps(lesson, [step('ball', 'add', 'c', { carryM: 100 })]);
    expect(balls).toHaveLength(3);
    expect(balls[2]).toMatchObject({
      id: 'c',
      ordinal: 3,
      blockId: 'k',
      carryM: 100,
      keep: 'auto',
    });
  });

  it('of two blocks begun before the server has said when, the later is under way', () => {
    const begun = [step('block', 'add', 'z', {}), step('block', 'add', 'a', {})];
    const { balls } = applySteps(lesson, [...begun, step('ball', 'add', 'c')]);
    expect(balls[2]).toMatchObject({ blockId: 'a' });
  });

  it('what is added twice is there once', () => {
    const again = [step('block', 'add', 'k', { kind: 'play' })];
    expect(applySteps(lesson, again).blocks).toEqual(lesson.blocks);
  });

  it('a thing that comes back stands where it stood', () => {
    const gone = applySteps(lesson, [step('ball', 'remove', 'a')]);
    expect(gone.balls.map(({ id }) => id)).toEqual(['b']);
    const back = applySteps(gone, [step('ball', 'restore', 'a', { ordinal: 1 })]);
    expect(back.balls.map(({ id }) => id)).toEqual(['a', 'b']);
  });

  it('fields of a part are written one by one, and a part is made by the first', () => {
    const steps = [
      step('part', 'set', 'l.causes', { 'observations.hip': -1 }),
      step('part', 'set', 'l.setup', { target: 'oak' }),
    ];
    const values = applySteps(lesson, steps).parts.map(({ value }) => value);
    expect(values).toEqual([{ observations: { chest: 1, hip: -1 } }, { target: 'oak' }]);
  });

  it('settings are one, whatever they are called', () => {
    const state = { settings: [{ naming: 'modern', bands: { pathNeutralDeg: 2 }, version: 4 }] };
    const made = applySteps(state, [
      step('setting', 'set', 'x', { 'bands.pathNeutralDeg': 3 }, ''),
    ]);
    expect(made.settings).toEqual([{ naming: 'modern', bands: { pathNeutralDeg: 3 }, version: 4 }]);
  });

  it('a file takes its balls with it', () => {
    const { balls, files } = applySteps(lesson, [step('file', 'remove', 'f')]);
    expect(files).toEqual([]);
    expect(balls.map(({ id }) => id)).toEqual(['b']);
  });

  it('leaves alone what is not there and what it does not hold', () => {
    const steps = [
      step('ball', 'set', 'nobody', { club: 'putter' }),
      step('player', 'set', 'p', { name: 'Bo' }, ''),
    ];
    expect(applySteps(lesson, steps)).toEqual(lesson);
  });

  it('an answer takes the place of what was shown before it', () => {
    const known = [{ part: 'work', value: {} }];
    expect(withThing('parts', known, { part: 'work', value: { stage: 1 } })).toEqual([
      { part: 'work', value: { stage: 1 } },
    ]);
  });
});

describe('what a change waits behind', () => {
  it('what is of one lesson shares its lane, and a lesson waits for its player', () => {
    expect(laneOf(step('ball', 'set', 'a'))).toBe('lesson l');
    expect(laneOf(step('lesson', 'add', 'l', {}, 'p'))).toBe('lesson l');
    expect(laneBefore(step('lesson', 'add', 'l', {}, 'p'))).toBe(
      laneOf(step('player', 'add', 'p', {}, '')),
    );
    expect(laneBefore(step('lesson', 'set', 'l', {}, 'p'))).toBeNull();
    expect(laneOf(step('setting', 'set', 'academy', {}, ''))).toBe('setting');
  });
});

describe('who may', () => {
  it('an assistant logs and plans nothing; a player at a page does what is theirs alone', () => {
    const allowed = (rights: Parameters<typeof mayDo>[2]): string[] =>
      THING_NAMES.flatMap((thing) =>
        VERBS.filter((verb) => mayDo(thing, verb, rights)).map((verb) => `${thing}.${verb}`),
      );
    expect(allowed(['page'])).toEqual(['repetition.add', 'tick.set', 'word.add']);
    const logged = new Set(allowed(['log']).map((name) => name.split('.')[0]));
    expect([...logged]).toEqual(['ball', 'block', 'repetition', 'file', 'source', 'bay']);
    expect(allowed(['log', 'plan'])).not.toContain('word.add');
  });

  it('whatever may be done has words', () => {
    for (const thing of THING_NAMES)
      for (const verb of VERBS)
        if (THINGS[thing].may[verb] !== undefined) expect(THINGS[thing].did[verb]).toBeTruthy();
  });
});

describe('a change taken back', () => {
  const of = 'l';
  it.each([
    [{ deleted: true }, { deleted: false }, 'remove'],
    [{ deleted: false }, { deleted: true }, 'restore'],
    [{ club: 'driver' }, { club: '7-iron' }, 'set'],
  ] as const)('%j to %j is taken back by %s', (before, after, verb) => {
    const [back] = inverse([{ thing: 'ball', id: 'a', of, before, after }]);
    expect(back).toMatchObject({ thing: 'ball', verb, id: 'a', of, was: after });
    expect(back!.fields).toEqual(verb === 'set' ? before : {});
  });

  it('the last step first', () => {
    const done = ['a', 'b'].map((id) => {
      const before = { blockId: null };
      return { thing: 'ball', id, of, before, after: { blockId: 'k' } } as const;
    });
    expect(inverse(done).map(({ id }) => id)).toEqual(['b', 'a']);
  });
});

describe('a change in words', () => {
  const named = (label: string, did?: string) =>
    ({ thing: 'ball', verb: 'set', label, isUndo: false, ...(did && { did }) }) as const;

  it('history says what was done to what', () => {
    expect(didWords([named('ball 3')])).toBe('ball 3 changed');
    expect(didWords([{ ...named('ball 3'), isUndo: true }])).toBe('ball 3 put back');
    const moved = ['ball 1', 'ball 2'].map((label) => named(label, 'put into technique'));
    expect(didWords(moved)).toBe('2 balls put into technique');
    expect(didWords([named('ball 1'), named('ball 2', 'put into play')])).toBe(
      'ball 1 changed and 1 more',
    );
  });

  it.each([
    [
      [step('part', 'set', 'l.setup', { feetDeg: 2, target: 'oak' })],
      'In the set-up: feet line, target',
    ],
    [[step('ball', 'set', 'a', { faceAngleDeg: 2 })], 'A ball changed: face angle'],
    [[step('ball', 'add', 'a', { carryM: 2 })], 'A ball added'],
    [[step('player', 'add', 'p', { name: 'Bo Lind' }, '')], 'Bo Lind added'],
    [[step('block', 'add', 'k', { kind: 'toned' })], 'Block begun: toned down'],
    [[step('file', 'remove', 'f')], 'A launch file taken back'],
    [
      [step('ball', 'set', 'a', { blockId: 'k' }), step('ball', 'set', 'b', { blockId: 'k' })],
      '2 balls changed: block',
    ],
  ])('whoever waits reads %#', (steps, words) => {
    expect(waitingWords(steps)).toBe(words);
  });
});
