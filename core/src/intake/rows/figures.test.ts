import { PLACE, ballOf, emptyFigures } from './figures.ts';
import { BALL_QUANTITIES, EMPTY_BALL } from '../quantities.ts';

it('a row of figures is the ball whose figures stand in it, each in its place', () => {
  for (const quantity of BALL_QUANTITIES) {
    const figures = emptyFigures();
    figures[PLACE[quantity]] = 1.5;
    expect(ballOf(figures)).toEqual({ ...EMPTY_BALL, [quantity]: 1.5 });
  }
});
