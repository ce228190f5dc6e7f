/** Shape, start and routine. */
import type { Drill } from '../drill.ts';
import { BALL, STICK_M, layOut, pegOutM } from '../layout.ts';
import { NOTHING, targetLine, stick, peg, tape, base, START_GATE, TOES_M } from './pieces.ts';

export const SHAPE_DRILLS: readonly Drill[] = [
  {
    ...base,
    id: 'shape-lane',
    name: 'Shape lane',
    serves: ['path', 'face'],
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
    serves: ['face', 'together'],
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
    layout: NOTHING,
  },
];
