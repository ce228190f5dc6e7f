import { findDrill } from './catalogue.ts';
import { layoutFor, usualAsk } from './ask.ts';
import { draggedPathDeg, isPathPeg, laidForDeg, offPathM, pathOverDeg } from './pegs.ts';

/** How far out 30 cm ahead for a path: plain trigonometry, by another function. */
const out = (deg: number): number => 0.3 * Math.tan((deg * Math.PI) / 180);
const pegsOf = (id: string) => {
  const drill = findDrill(id)!;
  const layout = layoutFor(drill, { hand: 'right', kind: 'iron', ...usualAsk(drill) });
  return layout.parts.filter(isPathPeg);
};

describe('a peg', () => {
  it('asks for the path it lies on, ahead of the ball and behind it, for both hands', () => {
    const asks = (alongM: number, rightM: number, hand: 'right' | 'left'): number =>
      draggedPathDeg({ alongM, rightM }, hand);
    expect(asks(0.3, out(4), 'right')).toBe(4);
    expect(asks(0.3, -out(4), 'left')).toBe(4);
    expect(asks(-0.3, -out(4), 'right')).toBe(4);
    expect(asks(-0.3, out(4), 'left')).toBe(4);
    expect(asks(0.3, -out(3), 'right')).toBe(-3);
    expect(asks(0.3, out(4.3), 'right')).toBe(4.5);
    // Two heads ahead and one in: the far peg stands where it is let go.
    expect(asks(0.16, -0.08, 'right')).toBe(-26.5);
    expect(Object.is(pathOverDeg({ alongM: 0.3, rightM: 0 }, 'left'), 0)).toBe(true);
  });

  it('stands on the path, or beside it in a channel', () => {
    const channel = pegsOf('slalom');
    expect(channel).toHaveLength(4);
    // A head of 8 cm with 3 cm either side: 7 cm off the middle.
    for (const peg of channel) expect(Math.abs(offPathM(peg, channel))).toBeCloseTo(0.07, 6);
    const steps = pegsOf('stepping-pegs');
    for (const peg of steps) expect(offPathM(peg, steps)).toBe(0);
    // Gates stand for the ball.
    expect(pegsOf('two-gates')).toEqual([]);
  });

  it('lays a drill by it only where the drill can be laid so', () => {
    const farPeg = findDrill('far-peg')!;
    expect(laidForDeg(farPeg, -7.1)).toBe(-7);
    expect(laidForDeg(farPeg, 5)).toBeNull();
    // Where it always lies: no half degree, and still its own.
    expect(laidForDeg(farPeg, -26.565)).toBeCloseTo(-26.5, 6);
    expect(laidForDeg(findDrill('stepping-pegs')!, 3.4)).toBeNull();
  });
});
