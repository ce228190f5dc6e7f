/** Shape, start and routine. */
import type { Drill } from '../drill.ts';
import { BALL, STICK_M, layOut, pegOutM, stanceOf } from '../layout.ts';
import { ANY_ANGLE, base, corridor, peg, START_GATE, stick, tape, targetLine } from './pieces.ts';

export const SHAPE_DRILLS: readonly Drill[] = [
  {
    ...base,
    id: 'shape-lane',
    name: 'Shape lane',
    asks: {
      pathDeg: { ...ANY_ANGLE, usual: 4 },
      faceDeg: { ...ANY_ANGLE, usual: 2 },
      startDeg: { ...ANY_ANGLE, usual: 1 },
    },
    dose: 'station',
    serves: ['path', 'face'],
    near: ['aim', 'feet-line'],
    how: 'Three sticks: target, body and path, face. Set up along the second, the face along the third. Set-up is not impact: it needs practice.',
    good: 'Starts on the mark and bends the way it should.',
    suits: 'those who look',
    layout: (c) =>
      layOut(
        c,
        [
          BALL,
          { ...targetLine, kind: 'stick' },
          corridor(c, c.pathDeg),
          stick('body and path', 0.2, -stanceOf(c).toesM + 0.06, c.pathDeg),
          stick('face', 0.7, pegOutM(0.7, c.faceDeg), c.faceDeg),
          peg('start mark', START_GATE.aheadM, pegOutM(START_GATE.aheadM, c.startDeg)),
        ],
        [
          tape(
            'face stick off the line, at 1.2 m',
            [STICK_M, 0],
            [STICK_M, pegOutM(STICK_M, c.faceDeg)],
          ),
          tape('path off the line, at 45 cm', [0.45, 0], [0.45, pegOutM(0.45, c.pathDeg)]),
          tape(
            'start mark off the line, at 3 m',
            [START_GATE.aheadM, 0],
            [START_GATE.aheadM, pegOutM(START_GATE.aheadM, c.startDeg)],
          ),
        ],
      ),
  },
  {
    ...base,
    id: 'one-change-fade',
    name: 'One-change fade',
    asks: { startDeg: { min: -12, max: -2, usual: -2 } },
    dose: 'station',
    movesFace: 1,
    notFor: ['slice', 'open'],
    near: ['aim'],
    how: 'Aim everything at a start mark on the side the fade comes back from, open the face a few degrees before taking the grip, swing at the mark.',
    good: 'Starts at the mark and falls back to the target.',
    layout: (c) => {
      const { startDeg: mark } = c;
      return layOut(
        c,
        [
          targetLine,
          BALL,
          stick('toes, at the start mark', 0.2, -stanceOf(c).toesM + 0.06, mark),
          peg('start mark', START_GATE.aheadM, pegOutM(START_GATE.aheadM, mark)),
        ],
        [
          tape(
            'start mark off the line, at 3 m',
            [START_GATE.aheadM, 0],
            [START_GATE.aheadM, pegOutM(START_GATE.aheadM, mark)],
          ),
        ],
      );
    },
  },
  {
    ...base,
    id: 'start-post',
    name: 'Start post',
    asks: { startDeg: ANY_ANGLE },
    dose: 'station',
    serves: ['face', 'together'],
    near: ['aim'],
    how: 'A stick a few metres ahead on the start line: say which side of it the ball passes.',
    good: 'The ball passes within a hand of the post.',
    layout: (c) =>
      layOut(
        c,
        [
          targetLine,
          BALL,
          peg('start post', START_GATE.aheadM, pegOutM(START_GATE.aheadM, c.startDeg)),
        ],
        [
          tape('post ahead', [0, 0], [START_GATE.aheadM, 0]),
          tape(
            'post off the line',
            [START_GATE.aheadM, 0],
            [START_GATE.aheadM, pegOutM(START_GATE.aheadM, c.startDeg)],
          ),
        ],
      ),
  },
  {
    ...base,
    id: 'routine',
    name: 'Routine',
    asks: { startDeg: ANY_ANGLE },
    dose: 'routine',
    serves: ['aim'],
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
    layout: (c) =>
      layOut(
        c,
        [targetLine, BALL, peg('start mark', 1, pegOutM(1, c.startDeg))],
        [tape('start mark ahead, on the line the ball is to start', [0, 0], [1, 0])],
      ),
  },
];
