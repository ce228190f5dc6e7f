/** Stations for the path: sticks, pegs, rods and gates. */
import type { Drill } from '../drill.ts';
import { BALL, STICK_M, layOut, pathOfPegDeg, pegOutM, stanceOf } from '../layout.ts';
import { degToRad } from '../../units/units.ts';
import { ANY_ANGLE, base, corridor, peg, START_GATE, stick, tape, targetLine } from './pieces.ts';

/** Two heads ahead and one in is as far out-to-in as a far peg is laid, and how it is laid first, degrees. */
const FAR_PEG = { min: pathOfPegDeg(2, -1), max: -2, usual: pathOfPegDeg(2, -1) } as const;
const ROD = 'Soft, foam-ended rods only.';
/** The pegs stepped over, with how far along the line each stands, m. */
const STEPS_M = [
  ['first peg', -0.35],
  ['second peg', -0.18],
  ['third peg', 0.3],
] as const;
/** How far across a rehearsal swings, degrees (common practice, no source). */
const REHEARSAL_DEG = 12;
/** A head cover, m. */
const COVER = { lengthM: 0.22, widthM: 0.1 } as const;
/** How far beyond the path asked for an obstacle stops the club, degrees. */
const LET_BY_DEG = 2;
/** Room either side of a clubhead in a gate, m. */
const GATE_MARGIN_M = 0.03;

export const STATIONS: readonly Drill[] = [
  {
    ...base,
    id: 'corner-frame',
    name: 'Corner frame',
    dose: 'set-up',
    serves: ['together', 'aim'],
    near: ['ball-position', 'shoulder-line'],
    how: 'Set the feet against the second stick so that the ball stands just inside the lead heel; shoulders along the first.',
    good: 'Ball and shoulders are in the same place every time.',
    misses: ['set up off'],
    layout: (c) =>
      layOut(
        c,
        [
          BALL,
          stick('target line', 0.5, 0.06),
          {
            kind: 'stick',
            label: 'square stick',
            alongM: -0.05,
            outM: -0.165 - STICK_M / 2,
            lengthM: STICK_M,
            angleDeg: 90,
          },
        ],
        [tape('square stick ends short of the ball’s line', [-0.05, -0.165], [-0.05, 0])],
      ),
  },
  {
    ...base,
    id: 'rails',
    name: 'Rails',
    dose: 'set-up',
    serves: ['together', 'aim'],
    near: ['aim', 'feet-line', 'hip-line', 'shoulder-line'],
    how: 'Two parallel sticks: the outer on the target line, the inner along the toes. Feet, hips and shoulders along the inner.',
    good: 'Nothing of the body points across the rails.',
    misses: ['set up off'],
    layout: (c) =>
      layOut(
        c,
        [BALL, stick('outer rail', 0.4, 0.1), stick('inner rail', 0.1, -stanceOf(c).toesM + 0.02)],
        [tape('between the rails', [0.3, -stanceOf(c).toesM + 0.02], [0.3, 0.1])],
      ),
  },
  {
    ...base,
    id: 'two-gates',
    name: 'Two gates',
    asks: { pathDeg: ANY_ANGLE, startDeg: ANY_ANGLE },
    dose: 'station',
    serves: ['path', 'together'],
    near: ['shoulder-line'],
    how: 'Swing the head through the near gate and send the ball through the far one; the divot follows the same line.',
    good: 'Through both gates without a touch.',
    misses: ['missed left', 'missed right', 'hit the gate'],
    suits: 'those who look',
    layout: (c) => {
      const half = c.headLengthM / 2 + GATE_MARGIN_M;
      const wide = START_GATE.aheadM * Math.tan((START_GATE.halfDeg * Math.PI) / 180);
      const mark = pegOutM(START_GATE.aheadM, c.startDeg);
      return layOut(
        c,
        [
          targetLine,
          corridor(c, c.pathDeg, GATE_MARGIN_M),
          BALL,
          stick('club gate', 0, half, c.pathDeg),
          stick('club gate', 0, -half, c.pathDeg),
          peg('start gate', START_GATE.aheadM, mark + wide),
          peg('start gate', START_GATE.aheadM, mark - wide),
        ],
        [
          tape('width of the club gate', [0, -half], [0, half]),
          tape('start gate ahead', [0, mark], [START_GATE.aheadM, mark]),
          tape(
            'width of the start gate',
            [START_GATE.aheadM, mark - wide],
            [START_GATE.aheadM, mark + wide],
          ),
        ],
      );
    },
  },
  {
    ...base,
    id: 'ball-ladder',
    name: 'Ball ladder',
    dose: 'station',
    serves: ['strike'],
    near: ['distance'],
    how: 'Three balls abreast, a head apart; strike only the middle one.',
    good: 'The outer balls stay where they are.',
    misses: ['heel', 'toe'],
    layout: (c) =>
      layOut(
        c,
        [
          BALL,
          { ...BALL, label: 'outer ball', outM: c.headLengthM },
          { ...BALL, label: 'inner ball', outM: -c.headLengthM },
        ],
        [
          tape('to the outer ball', [0, 0], [0, c.headLengthM]),
          tape('to the inner ball', [0, 0], [0, -c.headLengthM]),
        ],
      ),
  },
  {
    ...base,
    id: 'stepping-pegs',
    name: 'Stepping pegs',
    asks: { pathDeg: { min: 4, max: 12, usual: 4 } },
    movesPath: 1,
    notFor: ['hook', 'push', 'in-to-out'],
    near: ['shoulder-line', 'chest'],
    how: 'Swing over all three pegs, from inside behind the ball to outside ahead of it.',
    good: 'The head passes over each peg.',
    misses: ['hit a peg'],
    suits: 'those who look',
    layout: (c) => {
      const { pathDeg: path } = c;
      return layOut(
        c,
        [
          targetLine,
          corridor(c, path),
          BALL,
          ...STEPS_M.map(([label, along]) => peg(label, along, pegOutM(along, path))),
        ],
        STEPS_M.flatMap(([label, along]) => [
          tape(`${label} ${along < 0 ? 'behind the ball' : 'ahead'}`, [0, 0], [along, 0]),
          tape(
            `${label} ${along < 0 ? 'inside the line' : 'outside the line'}`,
            [along, 0],
            [along, pegOutM(along, path)],
          ),
        ]),
      );
    },
  },
  {
    ...base,
    id: 'overhang',
    name: 'Overhang',
    asks: { pathDeg: ANY_ANGLE },
    movesPath: 1,
    notFor: ['hook', 'in-to-out'],
    near: ['chest', 'back-turn', 'shoulder-line'],
    how: 'A rod leans over the outside, behind the ball: coming over the top touches it.',
    good: 'The club comes in under the rod.',
    misses: ['touched the rod'],
    suits: 'those who keep missing the message',
    cautions: [ROD],
    layout: (c) =>
      layOut(
        c,
        [
          targetLine,
          corridor(c, c.pathDeg),
          BALL,
          {
            kind: 'rod',
            label: 'foam-ended rod',
            alongM: -0.35,
            outM: 0.3,
            lengthM: 0.6,
            angleDeg: 90,
          },
        ],
        [
          tape('rod behind the ball', [0, 0], [-0.35, 0]),
          tape('foot of the rod outside the line', [-0.35, 0], [-0.35, 0.6]),
        ],
      ),
  },
  {
    ...base,
    id: 'far-peg',
    name: 'Far peg',
    asks: { pathDeg: FAR_PEG },
    movesPath: -1,
    notFor: ['slice', 'out-to-in', 'pull'],
    near: ['chest', 'side-bend', 'lead-elbow'],
    how: 'Strike the ball, then the low peg: two heads ahead and inside.',
    good: 'Ball, then peg.',
    misses: ['missed the peg'],
    suits: 'those who look',
    layout: (c) => {
      const ahead = 2 * c.headLengthM;
      const inside = -pegOutM(ahead, c.pathDeg);
      return layOut(
        c,
        [targetLine, corridor(c, c.pathDeg), BALL, peg('far peg', ahead, -inside)],
        [
          tape('peg ahead', [0, 0], [ahead, 0]),
          tape('peg inside the line', [ahead, 0], [ahead, -inside]),
        ],
      );
    },
  },
  {
    ...base,
    id: 'inside-guard',
    name: 'Inside guard',
    asks: { pathDeg: ANY_ANGLE },
    movesPath: -1,
    notFor: ['slice', 'out-to-in', 'pull'],
    near: ['chest', 'back-turn'],
    how: 'A head cover lies behind the ball, just inside the target line: coming too far from the inside hits it. The nearer the line, the harsher.',
    good: 'The head misses the cover.',
    misses: ['hit the cover'],
    suits: 'those who keep missing the message',
    layout: (c) => {
      // The edge stands where a head on a path this far beyond the one asked for would brush it.
      const behind = 0.3;
      const edge = behind * Math.tan(degToRad(c.pathDeg + LET_BY_DEG)) + c.headLengthM / 2;
      return layOut(
        c,
        [
          targetLine,
          corridor(c, c.pathDeg),
          BALL,
          {
            kind: 'cover',
            label: 'head cover',
            alongM: -behind,
            outM: -edge - COVER.widthM / 2,
            ...COVER,
          },
        ],
        [
          tape('cover behind the ball', [0, 0], [-behind, 0]),
          tape('edge of the cover inside the line', [-behind, 0], [-behind, -edge]),
        ],
      );
    },
  },
  {
    ...base,
    id: 'across-rehearsal',
    name: 'Across rehearsal',
    asks: { pathDeg: { min: -12, max: 0, usual: 0 } },
    movesPath: -1,
    notFor: ['slice', 'out-to-in', 'pull'],
    strains: ['back'],
    near: ['chest'],
    how: 'Practice swings well over and across, then a normal swing.',
    good: 'The rehearsal is exaggerated, the ball is not.',
    layout: (c) =>
      layOut(
        c,
        [
          targetLine,
          corridor(c, -REHEARSAL_DEG, 0, 'rehearsal, no ball'),
          corridor(c, c.pathDeg),
          BALL,
        ],
        [
          tape(
            'rehearsal inside the line, at 45 cm ahead',
            [0.45, 0],
            [0.45, -pegOutM(0.45, REHEARSAL_DEG)],
          ),
        ],
      ),
  },
  {
    ...base,
    id: 'slalom',
    name: 'Slalom',
    asks: { pathDeg: ANY_ANGLE },
    dose: 'station',
    serves: ['path'],
    near: ['shoulder-line', 'feet-line'],
    how: 'Little swings through the channel of pegs at the chosen angle, feet together; then feet set along it.',
    good: 'The head goes through the channel without a touch.',
    misses: ['hit a peg'],
    suits: 'those who look',
    layout: (c) => {
      const half = c.headLengthM / 2 + GATE_MARGIN_M;
      const pegs = [-0.3, 0.3].flatMap((along) =>
        [1, -1].map((side) => peg('peg', along, pegOutM(along, c.pathDeg) + side * half)),
      );
      return layOut(
        c,
        [targetLine, corridor(c, c.pathDeg, GATE_MARGIN_M), BALL, ...pegs],
        [
          tape(
            'width of the channel',
            [-0.3, pegOutM(-0.3, c.pathDeg) - half],
            [-0.3, pegOutM(-0.3, c.pathDeg) + half],
          ),
          tape(
            'middle of the channel off the line, at 30 cm',
            [0.3, 0],
            [0.3, pegOutM(0.3, c.pathDeg)],
          ),
        ],
      );
    },
  },
];
