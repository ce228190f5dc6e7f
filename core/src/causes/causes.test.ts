import fc from 'fast-check';
import { CAUSE_EDGES, CAUSE_LINKS, CAUSE_LINK_IDS } from './links.ts';
import type { CauseLinkId, LinkValue } from './links.ts';
import { NO_SET_UP, observationsOf, usualBallCm } from './setup.ts';
import { traceCause } from './trace.ts';
import { whatFirst } from './first.ts';
import type { FirstInput } from './first.ts';

// What pushes the path and the face of a right-hander which way (common practice, no source).
const SIGNS: readonly (readonly [CauseLinkId, 'path' | 'face', LinkValue, 'left' | 'right'])[] = [
  ['ball-position', 'path', 1, 'left'],
  ['shoulder-line', 'path', 1, 'left'],
  ['feet-line', 'path', -1, 'right'],
  ['eye-line', 'path', 1, 'left'],
  ['side-bend', 'path', 1, 'right'],
  ['side-bend', 'path', -1, 'left'],
  ['chest', 'path', 1, 'left'],
  ['chest', 'path', -1, 'right'],
  ['lead-elbow', 'path', 1, 'left'],
  ['lead-hip', 'face', 1, 'left'],
  ['grip-strength', 'face', 1, 'left'],
  ['grip-strength', 'face', -1, 'right'],
  ['grip-hold', 'face', 1, 'right'],
  ['lead-wrist', 'face', 1, 'right'],
  ['lead-wrist', 'face', -1, 'left'],
  ['leading-edge', 'face', -1, 'left'],
  ['toe-at-top', 'face', 1, 'right'],
  ['forearms', 'face', 1, 'left'],
  ['sleeve', 'face', 1, 'left'],
  ['lie', 'face', 1, 'left'],
];

describe('the cause graph', () => {
  it.each(SIGNS)('%s pushes the %s when %d: %s', (id, node, value, side) => {
    const fault = side === 'left' ? -5 : 5;
    const trace = (by: number, hand: 'right' | 'left') =>
      traceCause({ node, value: by, hand }, { [id]: value });
    expect(trace(fault, 'right').cause?.link.id).toBe(id);
    expect(trace(-fault, 'right').cause).toBeNull();
    expect(trace(-fault, 'right').against.map((t) => t.link.id)).toContain(id);
    // The mirrored fault of a left-hander has the same cause.
    expect(trace(-fault, 'left').cause?.link.id).toBe(id);
    expect(trace(fault, 'left').cause).toBeNull();
  });

  it('knows every link of every edge, uses every link, and has no circle', () => {
    const used = new Set(CAUSE_EDGES.flatMap((e) => [e.from, e.to]));
    for (const { id } of CAUSE_LINKS) expect(used).toContain(id);
    for (const node of ['path', 'face', 'strike'] as const) {
      const { unseen } = traceCause({ node, value: 5, hand: 'right' }, {});
      for (const { chain } of unseen) expect(new Set(chain).size).toBe(chain.length);
    }
  });

  it('never claims a cause without an observation, whatever the fault', () => {
    const trace = traceCause({ node: 'path', value: -6, hand: 'right' }, {});
    expect(trace.cause).toBeNull();
    expect(trace.words).toContain('Nothing seen so far explains the out-to-in path');
    expect(trace.unseen.length).toBeGreaterThan(8);
  });

  it('takes the earliest link of the chain, and names what to look at next', () => {
    const trace = traceCause(
      { node: 'path', value: -6, hand: 'right' },
      { chest: 1, 'shoulder-line': 1, 'ball-position': 1, 'side-bend': 1 },
    );
    expect(trace.cause!.link.id).toBe('ball-position');
    expect(trace.pushing.map((t) => t.link.id)).toEqual([
      'ball-position',
      'shoulder-line',
      'chest',
    ]);
    expect(trace.against.map((t) => t.link.id)).toEqual(['side-bend']);
    expect(trace.words).toContain('Ball position too far forward');
    expect(trace.words).toContain('Next to look at');
  });

  it('a link that was looked at and is right is neither cause nor question', () => {
    const trace = traceCause({ node: 'face', value: 4, hand: 'right' }, { 'lead-wrist': 0 });
    expect(trace.cleared.map((t) => t.link.id)).toEqual(['lead-wrist']);
    expect(trace.unseen.map((t) => t.link.id)).not.toContain('lead-wrist');
  });

  it('sorts any observations into the four lists, each once', () => {
    const observations = fc.record(
      Object.fromEntries(
        CAUSE_LINK_IDS.map((id) => [
          id,
          fc.constantFrom<LinkValue | undefined>(-1, 0, 1, undefined),
        ]),
      ),
    );
    fc.assert(
      fc.property(
        observations,
        fc.constantFrom(-5, 5),
        fc.constantFrom('right', 'left'),
        (seen, value, hand) => {
          const t = traceCause({ node: 'path', value, hand }, seen);
          const all = [...t.pushing, ...t.against, ...t.cleared, ...t.unseen].map((x) => x.link.id);
          expect(new Set(all).size).toBe(all.length);
          for (const x of t.pushing) expect(seen[x.link.id]).not.toBe(0);
          expect(t.cause === null).toBe(t.pushing.length === 0);
        },
      ),
      { seed: 20261124, numRuns: 200 },
    );
  });
});

describe('the set-up as links', () => {
  const setUp = {
    ...NO_SET_UP,
    feetDeg: -6,
    shoulderDeg: 5,
    ballCm: 2,
    knuckles: 3,
    distance: 0 as const,
  };
  it('reads body lines by the hand: lines to the pull side are open', () => {
    expect(observationsOf(setUp, 'right', -13)).toEqual({
      'feet-line': 1,
      'shoulder-line': -1,
      'ball-position': 1,
      'grip-strength': 1,
      distance: 0,
    });
    expect(observationsOf({ ...NO_SET_UP, feetDeg: 6 }, 'left', -13)).toEqual({ 'feet-line': 1 });
  });

  it('says nothing of what nobody looked at', () => {
    expect(observationsOf(NO_SET_UP, 'right', -13)).toEqual({});
    expect(usualBallCm('driver')).toBeGreaterThan(usualBallCm('wedge'));
  });
});

describe('which to fix first', () => {
  const split = (faceM: number, pathM: number, strikeM = 0) => ({
    aimM: 0,
    faceM,
    pathM,
    strikeM,
    windM: 0,
    totalM: faceM + pathM + strikeM,
  });
  const input = (changes: Partial<FirstInput>): FirstInput => ({
    hand: 'right',
    faceAngleDeg: 0,
    clubPathDeg: 0,
    strikeToeMm: 0,
    split: split(0, 0),
    faceSquareDeg: 1,
    pathNeutralDeg: 1,
    faceToPathSquareDeg: 1,
    ...changes,
  });
  const targets = (i: FirstInput) =>
    Object.fromEntries(whatFirst(i).choices.map((c) => [c.school, `${c.target} ${c.move}`]));

  it('differs by school for a slicer', () => {
    expect(targets(input({ faceAngleDeg: 2, clubPathDeg: -5, split: split(6, 14) }))).toEqual({
      costliest: 'path 1',
      'face-first': 'face -1',
      'path-first': 'path 1',
      'relationship-first': 'face -1',
    });
  });

  it('is the same for the mirrored left-hander', () => {
    const right = input({ faceAngleDeg: 2, clubPathDeg: -5, split: split(6, 14) });
    const left = input({ hand: 'left', faceAngleDeg: -2, clubPathDeg: 5, split: split(-6, -14) });
    expect(targets(left)).toEqual(targets(right));
  });

  it('warns of a straight pull in every school, and only of a pull', () => {
    const pull = input({ faceAngleDeg: -6, clubPathDeg: -6.3, split: split(-14, 2) });
    expect(whatFirst(pull).warning).toContain('block or a slice');
    expect(targets(pull)['relationship-first']).toBe('face -1');
    expect(
      whatFirst(input({ hand: 'left', faceAngleDeg: 6, clubPathDeg: 6 })).warning,
    ).not.toBeNull();
    expect(whatFirst(input({ faceAngleDeg: 6, clubPathDeg: 6 })).warning).toBeNull();
  });

  it('leaves a steady player alone', () => {
    expect(new Set(Object.values(targets(input({ faceAngleDeg: 0.3, clubPathDeg: 0.5 }))))).toEqual(
      new Set(['none 0']),
    );
  });

  it('puts the strike first where it costs the most', () => {
    expect(targets(input({ strikeToeMm: 15, split: split(1, 1, -9) })).costliest).toBe('strike -1');
  });
});
