/** The catalogue. Names are this app's own; effects and numbers are common practice unless geometry. */
import type { Drill } from './drill.ts';
import { BALL, STICK_M, layOut, pegOutM } from './layout.ts';
import type { LayoutContext, PlainPart } from './layout.ts';

const NOTHING = (c: LayoutContext) => layOut(c.hand, [BALL], []);
const ROD = 'Soft, foam-ended rods only.';
const targetLine: PlainPart = {
  kind: 'line',
  label: 'target line',
  alongM: 0.3,
  outM: 0,
  lengthM: 2,
};
const stick = (label: string, alongM: number, outM: number, angleDeg = 0): PlainPart => ({
  kind: 'stick',
  label,
  alongM,
  outM,
  lengthM: STICK_M,
  angleDeg,
});
const peg = (label: string, alongM: number, outM: number): PlainPart => ({
  kind: 'peg',
  label,
  alongM,
  outM,
});
const tape = (label: string, distanceM: number) => ({ label, distanceM: Math.abs(distanceM) });
const base = {
  notFor: [],
  strains: [],
  near: [],
  misses: ['missed left', 'missed right'],
  suits: 'anyone',
  cautions: [],
  trains: 'direction',
  movesPath: 0,
  movesFace: 0,
} as const;

/** Room either side of a clubhead in a gate, m. */
const GATE_MARGIN_M = 0.03;
/** Where the start gate stands, m ahead, and how far off it lets the ball start, degrees. */
const START_GATE = { aheadM: 3, halfDeg: 1.5 } as const;
/** Feet from the ball line to the toes, m: an iron's, for drawing. */
const TOES_M = 0.55;

export const DRILLS: readonly Drill[] = [
  {
    ...base,
    id: 'corner-frame',
    name: 'Corner frame',
    trains: 'aim',
    near: ['ball-position', 'shoulder-line'],
    how: 'Set the feet against the second stick so that the ball stands just inside the lead heel; shoulders along the first.',
    good: 'Ball and shoulders are in the same place every time.',
    misses: ['set up off'],
    layout: (c) =>
      layOut(
        c.hand,
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
        [tape('end of the square stick short of the ball’s line', 0.165)],
      ),
  },
  {
    ...base,
    id: 'rails',
    name: 'Rails',
    trains: 'aim',
    near: ['aim', 'feet-line', 'hip-line', 'shoulder-line'],
    how: 'Two parallel sticks: the outer on the target line, the inner along the toes. Feet, hips and shoulders along the inner.',
    good: 'Nothing of the body points across the rails.',
    misses: ['set up off'],
    layout: (c) =>
      layOut(
        c.hand,
        [BALL, stick('outer rail', 0.4, 0.1), stick('inner rail', 0.1, -TOES_M)],
        [tape('between the rails', TOES_M + 0.1)],
      ),
  },
  {
    ...base,
    id: 'two-gates',
    name: 'Two gates',
    trains: 'start',
    eitherWay: true,
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
        c.hand,
        [
          targetLine,
          BALL,
          stick('club gate', 0, half, c.pathDeg),
          stick('club gate', 0, -half, c.pathDeg),
          peg('start gate', START_GATE.aheadM, mark + wide),
          peg('start gate', START_GATE.aheadM, mark - wide),
        ],
        [
          tape('width of the club gate', 2 * half),
          tape('start gate ahead', START_GATE.aheadM),
          tape('width of the start gate', 2 * wide),
        ],
      );
    },
  },
  {
    ...base,
    id: 'ball-ladder',
    name: 'Ball ladder',
    trains: 'strike',
    near: ['distance'],
    how: 'Three balls abreast, a head apart; strike only the middle one.',
    good: 'The outer balls stay where they are.',
    misses: ['heel', 'toe'],
    layout: (c) =>
      layOut(
        c.hand,
        [
          BALL,
          { ...BALL, label: 'outer ball', outM: c.headLengthM },
          { ...BALL, label: 'inner ball', outM: -c.headLengthM },
        ],
        [tape('between the balls', c.headLengthM)],
      ),
  },
  {
    ...base,
    id: 'stepping-pegs',
    name: 'Stepping pegs',
    movesPath: 1,
    notFor: ['hook', 'push', 'in-to-out'],
    near: ['shoulder-line', 'chest'],
    how: 'Swing over all three pegs, from inside behind the ball to outside ahead of it.',
    good: 'The head passes over each peg.',
    misses: ['hit a peg'],
    suits: 'those who look',
    layout: (c) => {
      const path = Math.max(4, c.pathDeg);
      return layOut(
        c.hand,
        [
          targetLine,
          BALL,
          ...[-0.35, -0.18, 0.3].map((along) => peg('peg', along, pegOutM(along, path))),
        ],
        [
          tape('near pegs in, at 18 cm behind', pegOutM(0.18, path)),
          tape('far peg in, at 35 cm behind', pegOutM(0.35, path)),
          tape('peg out, at 30 cm ahead', pegOutM(0.3, path)),
        ],
      );
    },
  },
  {
    ...base,
    id: 'overhang',
    name: 'Overhang',
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
        c.hand,
        [
          targetLine,
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
        [tape('rod behind the ball', 0.35), tape('foot of the rod outside the line', 0.6)],
      ),
  },
  {
    ...base,
    id: 'far-peg',
    name: 'Far peg',
    movesPath: -1,
    notFor: ['slice', 'out-to-in', 'pull'],
    near: ['chest', 'side-bend', 'lead-elbow'],
    how: 'Strike the ball, then the low peg: two heads ahead and inside.',
    good: 'Ball, then peg.',
    misses: ['missed the peg'],
    suits: 'those who look',
    layout: (c) => {
      const ahead = 2 * c.headLengthM;
      const inside = c.pathDeg < 0 ? -pegOutM(ahead, c.pathDeg) : c.headLengthM;
      return layOut(
        c.hand,
        [targetLine, BALL, peg('far peg', ahead, -inside)],
        [tape('peg ahead', ahead), tape('peg inside the line', inside)],
      );
    },
  },
  {
    ...base,
    id: 'inside-guard',
    name: 'Inside guard',
    movesPath: -1,
    notFor: ['slice', 'out-to-in', 'pull'],
    near: ['chest', 'back-turn'],
    how: 'A head cover lies behind the ball, just inside the target line: coming too far from the inside hits it. The nearer the line, the harsher.',
    good: 'The head misses the cover.',
    misses: ['hit the cover'],
    suits: 'those who keep missing the message',
    layout: (c) =>
      layOut(
        c.hand,
        [
          targetLine,
          BALL,
          {
            kind: 'cover',
            label: 'head cover',
            alongM: -0.3,
            outM: -(c.headLengthM / 2 + 0.05),
            lengthM: 0.2,
          },
        ],
        [tape('cover behind', 0.3), tape('cover inside the line', c.headLengthM / 2 + 0.05)],
      ),
  },
  {
    ...base,
    id: 'across-rehearsal',
    name: 'Across rehearsal',
    movesPath: -1,
    notFor: ['slice', 'out-to-in', 'pull'],
    strains: ['back'],
    near: ['chest'],
    how: 'Practice swings well over and across, then a normal swing.',
    good: 'The rehearsal is exaggerated, the ball is not.',
    layout: NOTHING,
  },
  {
    ...base,
    id: 'slalom',
    name: 'Slalom',
    eitherWay: true,
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
        c.hand,
        [targetLine, BALL, ...pegs],
        [
          tape('width of the channel', 2 * half),
          tape('middle of the channel off the line, at 30 cm', pegOutM(0.3, c.pathDeg)),
        ],
      );
    },
  },
  {
    ...base,
    id: 'late-chest',
    name: 'Late chest',
    movesPath: 1,
    notFor: ['hook', 'push', 'in-to-out'],
    strains: ['back', 'hip'],
    near: ['chest', 'back-turn'],
    how: 'Turn more going back and keep the back to the target longer coming down.',
    good: 'The chest is still closed when the hands pass the trail hip.',
    layout: NOTHING,
  },
  {
    ...base,
    id: 'early-chest',
    name: 'Early chest',
    movesPath: -1,
    notFor: ['slice', 'pull', 'out-to-in'],
    strains: ['back', 'hip'],
    near: ['chest'],
    how: 'Hold the hips back going back, and open the chest sooner coming down.',
    good: 'The chest faces the ball at impact.',
    layout: NOTHING,
  },
  {
    ...base,
    id: 'quiet-brim',
    name: 'Quiet brim',
    eitherWay: true,
    near: ['eye-line'],
    how: 'Eyes and brim of the cap stay still from hip to hip.',
    good: 'The brim has not turned when the club is past the ball.',
    misses: ['brim turned'],
    layout: NOTHING,
  },
  {
    ...base,
    id: 'long-arms',
    name: 'Long arms',
    movesPath: 1,
    notFor: ['hook', 'in-to-out'],
    strains: ['elbow'],
    near: ['lead-elbow'],
    how: 'A soft obstacle inside, ahead of the ball: the arms go away from the body and down the line past impact.',
    good: 'The handle misses the obstacle.',
    misses: ['hit the obstacle'],
    suits: 'those who keep missing the message',
    layout: (c) =>
      layOut(
        c.hand,
        [
          targetLine,
          BALL,
          { kind: 'cover', label: 'soft obstacle', alongM: 0.35, outM: -0.3, lengthM: 0.3 },
        ],
        [tape('obstacle ahead', 0.35), tape('obstacle inside the line', 0.3)],
      ),
  },
  {
    ...base,
    id: 'hip-stay',
    name: 'Hip stay',
    movesPath: 1,
    movesFace: 1,
    notFor: ['hook', 'push', 'in-to-out'],
    strains: ['hip', 'back'],
    near: ['lead-hip'],
    how: 'A stick off the lead hip: bump into it, do not back away.',
    good: 'The hip touches the stick and stays.',
    misses: ['backed away'],
    layout: (c) =>
      layOut(
        c.hand,
        [
          BALL,
          {
            kind: 'rod',
            label: 'stick off the lead hip',
            alongM: 0.35,
            outM: -TOES_M - 0.1,
            lengthM: 0.4,
          },
        ],
        [tape('stick outside the lead foot', 0.1)],
      ),
  },
  {
    ...base,
    id: 'finger-hold',
    name: 'Finger hold',
    movesFace: -1,
    notFor: ['hook', 'closed'],
    near: ['grip-hold', 'grip-strength'],
    how: 'Hold the grip in the fingers, across the middle joint of the first finger.',
    good: 'Two to three knuckles of the lead hand show.',
    misses: ['slipped'],
    layout: NOTHING,
  },
  {
    ...base,
    id: 'two-knuckles',
    name: 'Two knuckles',
    movesFace: 1,
    notFor: ['slice', 'open'],
    near: ['grip-strength'],
    how: 'Turn the lead hand back until two knuckles show.',
    good: 'Two knuckles, every time.',
    misses: ['three again'],
    layout: NOTHING,
  },
  {
    ...base,
    id: 'preset-close',
    name: 'Preset close',
    movesFace: -1,
    notFor: ['hook', 'closed'],
    strains: ['wrist'],
    near: ['grip-strength', 'forearms', 'lead-wrist'],
    how: 'At address close the face 15 to 20°, take the usual hold, turn the forearms until it looks square, and swing.',
    good: 'The ball bends to the draw side.',
    layout: NOTHING,
  },
  {
    ...base,
    id: 'flat-card',
    name: 'Flat card',
    movesFace: -1,
    notFor: ['hook', 'closed'],
    strains: ['wrist'],
    near: ['lead-wrist', 'toe-at-top'],
    how: 'A card in the back of the glove must not touch the forearm at the top.',
    good: 'The card stays clear of the forearm.',
    misses: ['card touched'],
    suits: 'those who keep missing the message',
    layout: NOTHING,
  },
  {
    ...base,
    id: 'shape-lane',
    name: 'Shape lane',
    trains: 'start',
    eitherWay: true,
    near: ['aim', 'feet-line'],
    how: 'Three sticks: target, body and path, face. Set up along the second, the face along the third. Set-up is not impact: it needs practice.',
    good: 'Starts on the mark and bends the way it should.',
    suits: 'those who look',
    layout: (c) =>
      layOut(
        c.hand,
        [
          BALL,
          { ...targetLine, kind: 'stick' },
          stick('body and path', 0.2, -TOES_M, c.pathDeg),
          stick('face', 0.7, pegOutM(0.7, c.faceDeg), c.faceDeg),
          peg('start mark', START_GATE.aheadM, pegOutM(START_GATE.aheadM, c.startDeg)),
        ],
        [
          tape('path stick off square, at its end', pegOutM(STICK_M, c.pathDeg)),
          tape('face stick off the line, at 1.2 m', pegOutM(STICK_M, c.faceDeg)),
          tape('start mark off the line, at 3 m', pegOutM(START_GATE.aheadM, c.startDeg)),
        ],
      ),
  },
  {
    ...base,
    id: 'one-change-fade',
    name: 'One-change fade',
    movesFace: 1,
    notFor: ['slice', 'open'],
    near: ['aim'],
    how: 'Aim everything at a start mark on the pull side of the target, open the face a few degrees before taking the grip, swing at the mark.',
    good: 'Starts at the mark and falls back to the target.',
    layout: (c) => {
      const mark = Math.min(-2, c.startDeg);
      return layOut(
        c.hand,
        [
          targetLine,
          BALL,
          stick('at the start mark', 0.2, -TOES_M, mark),
          peg('start mark', START_GATE.aheadM, pegOutM(START_GATE.aheadM, mark)),
        ],
        [tape('start mark off the line, at 3 m', pegOutM(START_GATE.aheadM, mark))],
      );
    },
  },
  {
    ...base,
    id: 'start-post',
    name: 'Start post',
    trains: 'start',
    eitherWay: true,
    near: ['aim'],
    how: 'A stick a few metres ahead on the start line: say which side of it the ball passes.',
    good: 'The ball passes within a hand of the post.',
    layout: (c) =>
      layOut(
        c.hand,
        [
          targetLine,
          BALL,
          peg('start post', START_GATE.aheadM, pegOutM(START_GATE.aheadM, c.startDeg)),
        ],
        [
          tape('post ahead', START_GATE.aheadM),
          tape('post off the line', pegOutM(START_GATE.aheadM, c.startDeg)),
        ],
      ),
  },
  {
    ...base,
    id: 'routine',
    name: 'Routine',
    trains: 'routine',
    near: ['aim'],
    how: 'The same few things before every ball.',
    good: 'Every step, in order.',
    misses: ['missed a step'],
    steps: [
      'Decide the shot and the start mark from behind the ball',
      'Walk in',
      'Set the face to the mark',
      'Then feet, hips and shoulders, parallel to it',
      'One look',
      'Go',
    ],
    layout: NOTHING,
  },
];

export const findDrill = (id: string): Drill | null =>
  DRILLS.find((drill) => drill.id === id) ?? null;
