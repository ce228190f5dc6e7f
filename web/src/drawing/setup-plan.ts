import { formatSideAngle } from '@loxos/core';
import type { Hand } from '@loxos/core';
import { boxesOfLine, placeLabels } from './labels.ts';
import type { WantedLabel, Box as WordsBox } from './labels.ts';
import { hairline } from './marks.ts';
import { OUT, PERSON_REACH, person } from './person.ts';
import { plus, polar, polyline } from './shape.ts';
import type { Box, Ink, Point, Shape } from './shape.ts';

export interface SetUpLines {
  readonly hand: Hand;
  readonly feetDeg: number | null;
  readonly hipDeg: number | null;
  readonly shoulderDeg: number | null;
  /** From the lead heel, positive towards the target, and where it usually lies. */
  readonly ballCm: number | null;
  readonly usualCm: number;
  /** Where the film is taken from. */
  readonly camera?: 'as drawn' | 'elsewhere' | null;
}

/** Angles are drawn this much larger than they are, so that a few degrees show. */
const TIMES = 2;
/** How far a line of the body reaches beyond its middle, cm. */
const HALF_LINE = 58;
const WORDS = { size: 7, player: 24, away: 74 } as const;
/** How far the picture reaches up and down, cm. */
const UP = { ahead: 84, behind: 92 } as const;
/** The camera behind the hands, looking along a line parallel to the target line, cm. */
const CAMERA = { out: OUT.hands, foot: UP.behind - 8 } as const;

/** Returns what of the drawing is shown, on the player's own side of the line. */
export function setUpBox(hand: Hand): Box {
  const [player, away] = [PERSON_REACH.player + WORDS.player, WORDS.away];
  return [hand === 'right' ? -player : -away, -UP.ahead, player + away, UP.ahead + UP.behind];
}

interface BodyLine {
  readonly name: string;
  readonly deg: number | null;
  readonly out: number;
  readonly ink: Ink;
  /** At which end its words stand. */
  readonly end: 1 | -1;
}

const linesOf = ({ feetDeg, hipDeg, shoulderDeg }: SetUpLines): readonly BodyLine[] => [
  { name: 'feet', deg: feetDeg, out: OUT.toes + 5, ink: 'ink', end: 1 },
  { name: 'shoulders', deg: shoulderDeg, out: OUT.shoulders, ink: 'look', end: -1 },
  { name: 'hips', deg: hipDeg, out: OUT.hips, ink: 'soft', end: 1 },
];

/** Returns a line of the body with its words: broken and faint where nobody looked. */
function bodyLine({ name, deg, out, ink, end }: BodyLine, side: 1 | -1) {
  const middle: Point = { x: out * side, y: 0 };
  const ends = [1, -1].map((way) => plus(middle, polar((deg ?? 0) * TIMES, way * HALF_LINE)));
  const isSeen = deg !== null;
  const line: Shape = {
    kind: 'path',
    d: polyline(ends),
    stroke: isSeen ? ink : 'faint',
    width: isSeen ? 1.6 : 0.8,
    ...(!isSeen && { dash: '3 4' }),
  };
  const at = plus(middle, polar((deg ?? 0) * TIMES, end * (HALF_LINE + 5)));
  const label: WantedLabel = {
    text: isSeen ? `${name} ${formatSideAngle(deg, 'letters', 0)}` : `${name}: not seen`,
    at,
    size: WORDS.size,
    fill: isSeen ? ink : 'faint',
    clear: 3,
    clearUp: 0,
  };
  return { line, label, boxes: boxesOfLine(ends[0]!, ends[1]!, 1) };
}

function cameraMark(side: 1 | -1, ink: Ink): { shapes: Shape[]; label: WantedLabel } {
  const x = CAMERA.out * side;
  const { foot } = CAMERA;
  const body = [
    [-6, 0],
    [6, 0],
    [6, -8],
    [3, -12],
    [-3, -12],
    [-6, -8],
  ].map(([dx, dy]) => ({ x: x + dx!, y: foot + dy! }));
  const sight = polyline([
    { x, y: foot - 15 },
    { x, y: 0 },
  ]);
  return {
    shapes: [
      { kind: 'path', d: sight, stroke: ink, width: 0.7, dash: '1.5 4' },
      { kind: 'path', d: polyline(body, true), stroke: ink, width: 1.4 },
    ],
    label: {
      text: 'camera',
      at: { x, y: foot - 5 },
      size: WORDS.size,
      fill: ink === 'line' ? 'faint' : ink,
      clear: 10,
    },
  };
}

/** Returns what words keep off: the player from the hips to the grip, and both feet, cm. */
function personBox(side: 1 | -1): WordsBox {
  const [a, b] = [side * (OUT.hips - 14), side * (OUT.hands + 4)];
  return { left: Math.min(a, b), top: -36, right: Math.max(a, b), bottom: 36 };
}

/** Returns the set-up from above, the target up: a player with what was seen of the lines of the body and of the ball. */
export function setUpPlan(lines: SetUpLines): Shape[] {
  const { hand, feetDeg, hipDeg, shoulderDeg, ballCm, usualCm, camera = null } = lines;
  const side = hand === 'right' ? 1 : -1;
  const [left, top, width, height] = setUpBox(hand);
  const body = linesOf(lines).map((line) => bodyLine(line, side));
  const film = cameraMark(side, camera === null ? 'line' : camera === 'as drawn' ? 'ink' : 'look');
  const ahead = ballCm === null ? 0 : ballCm - usualCm;
  const ball: WantedLabel = {
    text:
      ballCm === null
        ? 'ball: not seen'
        : `ball ${Math.abs(ballCm)} cm ${ballCm < 0 ? 'back' : 'ahead'}`,
    at: { x: 0, y: -ahead },
    size: WORDS.size,
    fill: ballCm === null ? 'faint' : 'ink',
    clear: 9,
    side: side > 0 ? 'right' : 'left',
  };
  return [
    hairline(-UP.ahead, UP.behind, 0.8),
    ...film.shapes,
    ...person({
      hand,
      feetDeg: (feetDeg ?? 0) * TIMES,
      hipDeg: (hipDeg ?? 0) * TIMES,
      shoulderDeg: (shoulderDeg ?? 0) * TIMES,
      ballCm: ahead,
    }),
    ...body.map(({ line }) => line),
    ...placeLabels(
      [...body.map(({ label }) => label), ball, film.label],
      { left: left + 2, top: top + 2, right: left + width - 2, bottom: top + height - 2 },
      side > 0 ? 'left' : 'right',
      {
        solid: [personBox(side)],
        lines: [
          ...body.flatMap(({ boxes }) => boxes),
          ...boxesOfLine({ x: 0, y: -UP.ahead }, { x: 0, y: UP.behind }, 1),
        ],
      },
    ),
  ];
}
