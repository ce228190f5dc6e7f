import fc from 'fast-check';
import { CAUSE_EDGES, CAUSE_LINKS, CAUSE_LINK_IDS } from './links.ts';
import type { CauseLinkId, LinkValue } from './links.ts';
import { NO_SET_UP, aimOf, observationsOf, usualBallCm } from './setup.ts';
import { faultOfMove, faultOfNumber, traceCause } from './trace.ts';
import type { Move } from '../plan/routes.ts';
import { DEFAULT_BANDS } from '../reading/bands.ts';
import { causeQuestion, faultWords, traceWords } from '../words/causes.ts';

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
    const way = side === 'left' ? -1 : 1;
    const trace = (w: -1 | 1) => traceCause({ node, way: w }, { [id]: value });
    expect(trace(way).cause?.link.id).toBe(id);
    expect(trace(way === 1 ? -1 : 1).cause).toBeNull();
    expect(trace(way === 1 ? -1 : 1).against.map((t) => t.link.id)).toContain(id);
  });

  it('knows every link of every edge, uses every link, and has no circle', () => {
    const used = new Set(CAUSE_EDGES.flatMap((e) => [e.from, e.to]));
    for (const { id } of CAUSE_LINKS) expect(used).toContain(id);
    for (const node of ['path', 'face', 'strike', 'together'] as const) {
      const { unseen } = traceCause({ node, way: 1 }, {});
      for (const { chain } of unseen) expect(new Set(chain).size).toBe(chain.length);
    }
  });

  it('never claims a cause without an observation, whatever the fault', () => {
    const trace = traceCause({ node: 'path', way: -1 }, {});
    expect(trace.cause).toBeNull();
    expect(traceWords(trace)).toContain('Nothing seen yet explains it. Look next: ');
    expect(trace.unseen.length).toBeGreaterThan(8);
  });

  it('has no cause to look for within the window', () => {
    const trace = traceCause({ node: 'face', way: 0 }, { 'grip-strength': 1 });
    expect(trace).toMatchObject({ cause: null, pushing: [], against: [], unseen: [] });
    expect(traceWords(trace)).toBe('Nothing here to look for.');
  });

  it('takes strength and earliness together, and lists the rest as also pushing', () => {
    const trace = traceCause(
      { node: 'path', way: -1 },
      { chest: 1, 'shoulder-line': 1, 'ball-position': 1, 'side-bend': 1 },
    );
    expect(trace.cause!.link.id).toBe('shoulder-line');
    expect(trace.pushing.map((t) => t.link.id)).toEqual([
      'shoulder-line',
      'chest',
      'ball-position',
    ]);
    expect(trace.against.map((t) => t.link.id)).toEqual(['side-bend']);
    expect(traceWords(trace)).toContain(
      'Shoulder line open and chest coming down opens early: both make the out-to-in path.',
    );
  });

  it('never ranks a draw-biased head above a strong grip', () => {
    const trace = traceCause({ node: 'face', way: -1 }, { 'head-bias': 1, 'grip-strength': 1 });
    expect(trace.pushing.map((t) => t.link.id)).toEqual(['grip-strength', 'head-bias']);
  });

  it('a link seen as it should be breaks every chain through it', () => {
    const broken = traceCause(
      { node: 'path', way: -1 },
      { 'ball-position': 1, 'shoulder-line': 0 },
    );
    expect(broken.cause).toBeNull();
    expect(broken.cleared.map((t) => t.link.id)).toEqual(['shoulder-line']);
    const whole = traceCause({ node: 'path', way: -1 }, { 'ball-position': 1 });
    expect(whole.cause!.chain.map(({ id }) => id)).toEqual(['ball-position', 'shoulder-line']);
  });

  it('aim off to either side pushes an out-to-in path, and never counts against it', () => {
    for (const value of [-1, 1] as const) {
      const trace = traceCause({ node: 'path', way: -1 }, { aim: value });
      expect(trace.cause!.link.id).toBe('aim');
      expect(trace.against).toEqual([]);
    }
    // Face and path turn with the whole body.
    expect(traceCause({ node: 'together', way: -1 }, { aim: -1 }).cause!.link.id).toBe('aim');
    expect(traceCause({ node: 'together', way: -1 }, { aim: 1 }).cause).toBeNull();
  });

  it('a ball too far forward may shut or open the face: worth a look, never a cause', () => {
    for (const way of [-1, 1] as const) {
      const trace = traceCause({ node: 'face', way }, { 'ball-position': 1 });
      expect(trace.cause).toBeNull();
      expect(trace.unsure.map((t) => t.link.id)).toEqual(['ball-position']);
    }
  });

  it('a link that was looked at and is right is neither cause nor question', () => {
    const trace = traceCause({ node: 'face', way: 1 }, { 'lead-wrist': 0 });
    expect(trace.cleared.map((t) => t.link.id)).toEqual(['lead-wrist']);
    expect(trace.unseen.map((t) => t.link.id)).not.toContain('lead-wrist');
  });

  it('sorts any observations into lists, each link once', () => {
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
        fc.constantFrom<-1 | 1>(-1, 1),
        fc.constantFrom('path', 'face', 'together'),
        (seen, way, node) => {
          const t = traceCause({ node, way }, seen);
          const all = [...t.pushing, ...t.against, ...t.unsure, ...t.cleared].map((x) => x.link.id);
          expect(new Set(all).size).toBe(all.length);
          for (const x of t.pushing) expect(seen[x.link.id]).not.toBe(0);
          expect(t.cause === null).toBe(t.pushing.length === 0);
        },
      ),
      { seed: 20261124, numRuns: 200 },
    );
  });
});

describe('the fault a move is to mend', () => {
  it('is where the number lies now, in words of the hand', () => {
    const by = { pathDeg: 6, faceDeg: -3, toeMm: -12 };
    const of = (move: Move, hand: 1 | -1) =>
      faultOfMove(move, by, hand, { pathDeg: -6 * hand, faceDeg: 3 * hand }, DEFAULT_BANDS);
    expect(of('path', 1)).toMatchObject({ node: 'path', way: -1 });
    expect(of('path', -1)).toMatchObject({ node: 'path', way: 1 });
    expect(of('face', 1)).toMatchObject({ node: 'face', way: 1, isRelative: false });
    expect(of('together', 1)).toEqual({ node: 'together', way: -1 });
    expect(of('strike', 1)).toEqual({ node: 'strike', way: 1 });
  });

  it('is no closed face while the face is called square, or open', () => {
    const by = { pathDeg: 0, faceDeg: 3, toeMm: 0 };
    const wordsAt = (faceDeg: number, hand: 1 | -1) => {
      const turned = { ...by, faceDeg: by.faceDeg * hand };
      const now = { pathDeg: 0, faceDeg: faceDeg * hand };
      return faultWords(faultOfMove('face', turned, hand, now, DEFAULT_BANDS));
    };
    for (const hand of [1, -1] as const) {
      expect(wordsAt(-4, hand)).toBe('the closed face');
      expect(wordsAt(0.4, hand)).toBe('the face from opening further');
      expect(wordsAt(2, hand)).toBe('the face from opening further');
    }
    const path = faultOfNumber('path', { value: 0.5, wanted: -4 }, 1, DEFAULT_BANDS);
    expect(faultWords(path)).toBe('the path from going further out-to-in');
    const trace = traceCause(path, {});
    expect(causeQuestion(trace.fault)).toBe('What keeps the path from going further out-to-in?');
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

  it('is one aim where the lines agree, and none where they do not', () => {
    const aimed = { ...NO_SET_UP, feetDeg: -5, hipDeg: -6, shoulderDeg: -4 };
    expect(aimOf(aimed)).toBeCloseTo(-5, 9);
    expect(observationsOf(aimed, 'right', -13)['aim']).toBe(-1);
    expect(observationsOf(aimed, 'left', -13)['aim']).toBe(1);
    expect(aimOf({ ...aimed, shoulderDeg: 4 })).toBeNull();
    expect(aimOf({ ...NO_SET_UP, shoulderDeg: -5 })).toBeNull();
  });

  it('says nothing of what nobody looked at', () => {
    expect(observationsOf(NO_SET_UP, 'right', -13)).toEqual({});
    expect(usualBallCm('driver')).toBeGreaterThan(usualBallCm('wedge'));
  });
});
