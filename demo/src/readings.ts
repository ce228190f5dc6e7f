import {
  DEFAULT_BANDS,
  DEFAULT_DISPLAY_UNITS,
  EMPTY_BALL,
  NOTHING_DONE,
  ballOfTap,
  composePage,
  drillReason,
  expectWords,
  findClub,
  faceToPathWarning,
  goesGently,
  judgementWords,
  lessonFindings,
  readLesson,
  readingSentences,
  seededRandom,
} from '@loxos/core';
import type {
  EyeWay,
  Hand,
  LessonBall,
  LessonFacts,
  LessonFindings,
  ReadClub,
  Sentence,
  Wanted,
  Wording,
} from '@loxos/core';
import { hitBlocks } from './shots.ts';
import type { Swing } from './shots.ts';

/** A characteristic player: what was hit, how it was seen, and the flight wanted. */
interface Character {
  readonly name: string;
  readonly hand: Hand;
  readonly club: string;
  readonly balls: number;
  readonly swing: Swing;
  readonly wanted?: Wanted;
  readonly units?: 'm' | 'yd';
  readonly seen?: 'ball only' | 'eye' | 'sides' | 'face mirrored' | 'no club';
  /** What the notes say of the body. */
  readonly notes?: string;
}
/** One tap away on the screen. */
const FOLDED: ReadonlySet<Sentence['topic']> = new Set(['sure', 'start']);

const swing = (pathDeg: number, faceDeg: number, rest: Partial<Swing> = {}): Swing => ({
  pathDeg,
  faceDeg,
  pathSpreadDeg: 1,
  faceSpreadDeg: 1.4,
  strikeSpreadMm: 3,
  ...rest,
});

/** Faults a coach would name at once, as a right-hander's path and face. */
const FAULTS: readonly (readonly [string, number, number])[] = [
  ['straight pull', -6, -6],
  ['straight push', 5, 5],
  ['pull-draw', -6, -11],
  ['slice', -6, -1],
  ['push-slice', 0, 5],
  ['hook from inside', 6, 1],
  ['pull-hook', 1.2, -7.6],
  ['usable fade', -5, -2],
  ['push-draw', 4, 2],
  ['nothing off', 0, 0],
];

const mirrored = (
  [name, path, face]: (typeof FAULTS)[number],
  hand: Hand,
): readonly [string, number, number] => {
  const sign = hand === 'left' ? -1 : 1;
  return [name, sign * path, sign * face];
};

const faults = FAULTS.flatMap((fault) =>
  (['7-iron', 'driver'] as const).flatMap((club) =>
    (['right', 'left'] as const).map((hand): Character => {
      const [name, path, face] = mirrored(fault, hand);
      return {
        name: `${name}, ${club}, ${hand}-handed`,
        hand,
        club,
        balls: 12,
        swing: swing(path, face),
        units: hand === 'left' ? 'yd' : 'm',
      };
    }),
  ),
);

const one = (name: string, rest: Partial<Character>): Character => ({
  name,
  hand: 'right',
  club: '7-iron',
  balls: 12,
  swing: swing(-6, -1),
  ...rest,
});

/** The players whose readings a person reviews: what is off, which flight is wanted, how it was seen, and each of the six answers. */
export const CHARACTERS: readonly Character[] = [
  ...faults,
  one('fader who wants a fade', {
    swing: swing(-4.2, -1.7),
    wanted: { shape: 'fade', startDeg: -2 },
  }),
  one('fader who wants a draw', { swing: swing(-4.2, -1.7), wanted: { shape: 'draw' } }),
  one('slicer who wants a fade, never left', {
    club: 'driver',
    wanted: { shape: 'fade', ruledOut: 'never left' },
  }),
  one('drawer who wants a draw', { swing: swing(5, 2), wanted: { shape: 'draw', startDeg: 2 } }),
  one('left-hander who wants a fade', {
    hand: 'left',
    swing: swing(4.2, 1.7),
    wanted: { shape: 'fade', startDeg: 2 },
  }),
  one('toe striker, driver', { club: 'driver', swing: swing(0, 0, { strikeToeMm: 20 }) }),
  one('heel striker, left-handed, 3 wood', {
    hand: 'left',
    club: '3-wood',
    swing: swing(0, 0, { strikeToeMm: -20 }),
  }),
  one('two-way misser, driver', {
    club: 'driver',
    balls: 16,
    swing: swing(0, 0, { faceSpreadDeg: 4.5 }),
  }),
  one('three balls of a slicer', { balls: 3, club: 'driver' }),
  one('three balls of a steady player', { balls: 3, swing: swing(0, 0) }),
  one('one ball', { balls: 1 }),
  one('two balls', { balls: 2 }),
  one('slicer, ball data only', { club: 'driver', seen: 'ball only' }),
  one('straight puller, ball data only', { swing: swing(-6, -6), seen: 'ball only' }),
  one('steady player, ball data only', { swing: swing(0, 0), seen: 'ball only' }),
  one('slicer seen by eye', { club: 'driver', seen: 'eye' }),
  one('straight puller seen by eye', { swing: swing(-7, -7), seen: 'eye' }),
  one('a file with its face angles mirrored', { swing: swing(-2, 5), seen: 'face mirrored' }),
  one('balls without a club', { seen: 'no club' }),
  one('pitching wedge pulled', { club: 'pw', swing: swing(-5, -4.6) }),
  one('push-slicer seen by eye', { club: 'driver', swing: swing(0, 5), seen: 'eye' }),
  one('left-handed puller seen by eye', {
    hand: 'left',
    swing: swing(7, 7),
    seen: 'eye',
    balls: 8,
  }),
  one('iron slicer seen by eye', { swing: swing(-6, 0), seen: 'eye', balls: 8 }),
  one('two-way misser seen by eye', {
    club: 'driver',
    balls: 14,
    swing: swing(0, 0, { faceSpreadDeg: 4.5 }),
    seen: 'eye',
  }),
  one('steady player seen by eye', { swing: swing(0, 0), seen: 'eye' }),
  one('three balls seen by eye', { club: 'driver', swing: swing(-6, 0), seen: 'eye', balls: 3 }),
  one('toe striker, 7 iron', { swing: swing(0, 0, { strikeToeMm: 20 }) }),
  one('straight player who asked for straight', {
    swing: swing(0, 0),
    wanted: { shape: 'straight', isSaid: true },
  }),
  one('man of 74 with a bad back, slice', {
    club: 'driver',
    swing: swing(-6, 0),
    notes: '74, bad back',
  }),
  one('cannot turn, straight pull', { swing: swing(-6, -6), notes: 'Stiff, cannot turn far' }),
  one('slicer of whom the eye told sides alone', { club: 'driver', seen: 'sides', balls: 8 }),
  one('iron slicer of whom the eye told sides alone', {
    swing: swing(-6, 0),
    seen: 'sides',
    balls: 8,
  }),
  one('left-handed puller of whom the eye told sides alone', {
    hand: 'left',
    swing: swing(6, 6),
    seen: 'sides',
    balls: 8,
  }),
  one('steady player of whom the eye told sides alone', { swing: swing(0, 0), seen: 'sides' }),
];

const LAUNCH_ONLY = [
  'faceAngleDeg',
  'clubPathDeg',
  'faceToPathDeg',
  'attackAngleDeg',
  'dynamicLoftDeg',
  'clubSpeedMps',
] as const;

/** From where on an eye sees a start, degrees, and a bend, as a share of carry. */
const SEEN_FROM = { startDeg: 1.5, bendShare: 0.0275 } as const;
const sideOf = (value: number, from: number): EyeWay =>
  Math.abs(value) < from ? 0 : value < 0 ? 'left' : 'right';

/** Returns the balls as this player's coach has them. */
function ballsOf({ seen, ...c }: Character, index: number): LessonBall[] {
  const striker = { hand: c.hand, driverSpeedMps: 43 };
  const block = { club: c.club, balls: c.balls, swing: c.swing };
  const hit = hitBlocks(striker, [block], seededRandom(900 + index), 540);
  return hit.map((ball, i): LessonBall => {
    const plain = { ...ball, strikeToeMm: null, strikeHighMm: null, id: String(i + 1) };
    const nothing = Object.fromEntries(LAUNCH_ONLY.map((name) => [name, null]));
    if (seen === 'ball only') return { ...plain, ...nothing };
    if (seen === 'no club') return { ...plain, club: null, clubText: null };
    if (seen === 'face mirrored')
      return { ...plain, faceAngleDeg: -ball.faceAngleDeg!, faceToPathDeg: null };
    const { startDirectionDeg, offlineM, carryM, club } = ball;
    if (seen === 'sides') {
      const start = sideOf(startDirectionDeg!, SEEN_FROM.startDeg);
      const alongM = carryM! * Math.sin((startDirectionDeg! * Math.PI) / 180);
      const bend = sideOf((offlineM! - alongM) / carryM!, SEEN_FROM.bendShare);
      const tap = ballOfTap({ start, bend }, Math.round(carryM! / 10) * 10);
      return { ...EMPTY_BALL, ...tap, id: plain.id, club, seen: 'eye' };
    }
    if (seen !== 'eye') return plain;
    const rounded = (value: number | null, to: number): number => Math.round(value! / to) * to;
    return {
      ...EMPTY_BALL,
      id: plain.id,
      club,
      seen: 'eye',
      startDirectionDeg: rounded(startDirectionDeg, 3),
      offlineM: rounded(offlineM, 5),
      carryM: rounded(carryM, 10),
    };
  });
}

/** Returns what a lesson finds where the best drill offered was given. */
function findingsWithDrill(club: ReadClub, facts: LessonFacts): LessonFindings | null {
  const found = lessonFindings(club, facts);
  const best = found?.work.offered[0]?.drill.id;
  return best === undefined ? found : lessonFindings(club, { ...facts, givenIds: [best] });
}

/** Returns the work in lines: what to expect, what to watch, the drills. */
function workLines({ plan, work }: LessonFindings, w: Wording): string[] {
  const { stage } = work;
  const warning = faceToPathWarning(plan, w.hand);
  const drills = work.offered.slice(0, 3).map(({ drill, reasons }) => {
    const why = reasons.map((reason) => drillReason(reason, stage?.move ?? null, w.hand));
    return `${drill.name}: ${why.join(' ')}`;
  });
  return [
    // Of a strike the carry was said above.
    ...(stage === null || stage.move === 'strike'
      ? []
      : [`- _Work:_ ${expectWords(plan, stage, w.units)}`]),
    ...(warning === null ? [] : [`- _Watch:_ ${warning}`]),
    ...(drills.length === 0 ? [] : [`- _Drills:_ ${drills.join(' ')}`]),
  ];
}

/** Everything the product says of one player, as lines. */
function linesOf(character: Character, index: number): string[] {
  const { hand, wanted, units = 'm', notes = '' } = character;
  const wording: Wording = {
    hand,
    bands: DEFAULT_BANDS,
    units: { ...DEFAULT_DISPLAY_UNITS, length: units },
  };
  const reading = readLesson(ballsOf(character, index), {
    hand,
    ...(wanted !== undefined && { wanted: { all: wanted } }),
  });
  const [club] = reading.clubs;
  const lines = readingSentences(reading, wording).map(({ text, topic }) =>
    FOLDED.has(topic) ? `- _One tap away:_ ${text}` : `- ${text}`,
  );
  const facts = { ...NOTHING_DONE, hand, bodyNotes: notes };
  const found = club === undefined ? null : findingsWithDrill(club, facts);
  if (found === null) return lines;
  const gently = goesGently(notes);
  const page = composePage({ findings: found, gently, wording, date: '2026-11-25' });
  const verdict =
    found.verdict === null ? [] : [`- _Prove:_ ${judgementWords(found.verdict.judged, wording)}`];
  const homework = gently ? page.homework.map(({ what }) => what) : [];
  return [
    ...lines,
    ...workLines(found, wording),
    ...verdict,
    `- _Page:_ ${[...page.points, page.expect].filter(Boolean).join(' ')}`,
    ...(homework.length === 0 ? [] : [`- _Homework:_ ${homework.join('; ')}.`]),
  ];
}

/** Returns the file a person reviews, `docs/readings.md`. */
export function readingsText(): string {
  const players = CHARACTERS.map((character, index) => {
    const { hand, club, swing: s, balls } = character;
    const side = (deg: number): string =>
      `${Math.abs(deg)}°${deg > 0 ? ' R' : deg < 0 ? ' L' : ''}`;
    const made = `${balls} × ${findClub(club)!.label}, ${hand}-handed, path ${side(s.pathDeg)}, face ${side(s.faceDeg)}`;
    return [
      `## ${index + 1}. ${character.name}`,
      '',
      `${made}.`,
      '',
      ...linesOf(character, index),
      '',
    ].join('\n');
  });
  const head =
    '# What Loxos says of 74 players\n\nMade by `npm run readings` from balls of a known swing; a test fails when it is stale. To be read by a person: is each sentence true,\nand do any two disagree? Path and face in the second line are what the balls were made with.\n';
  return `${head}\n${players.join('\n')}`;
}
