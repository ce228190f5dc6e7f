import { wantedOfLane } from './ToLesson.tsx';

it.each([
  [-12, 'right', 'draw'],
  [12, 'right', 'fade'],
  [-12, 'left', 'fade'],
  [12, 'left', 'draw'],
  [1, 'right', 'straight'],
] as const)('a lane that bends %d m is a %s-hander’s %s', (curveM, hand, shape) => {
  expect(wantedOfLane(curveM, 2, -3, hand)).toEqual({ shape, startDeg: 2, finishM: -3 });
});
