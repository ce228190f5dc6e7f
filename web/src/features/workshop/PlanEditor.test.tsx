import { draggedAngleDeg } from './PlanEditor.tsx';

describe('dragging on the plan', () => {
  const at = (deg: number, distance: number): [number, number] => {
    const angle = (deg * Math.PI) / 180;
    return [distance * Math.sin(angle), -distance * Math.cos(angle)];
  };

  it('reads the path off either end of the needle', () => {
    // Drawn three times as large: 12° on the page is 4°.
    expect(draggedAngleDeg('clubPathDeg', ...at(12, 100))).toBe(4);
    expect(draggedAngleDeg('clubPathDeg', ...at(192, 100))).toBe(4);
    expect(draggedAngleDeg('clubPathDeg', ...at(-12, 100))).toBe(-4);
  });

  it('reads the face off either end of the bar, which is square to it', () => {
    expect(draggedAngleDeg('faceAngleDeg', ...at(9 + 90, 50))).toBe(3);
    expect(draggedAngleDeg('faceAngleDeg', ...at(9 - 90, 50))).toBe(3);
    expect(draggedAngleDeg('faceAngleDeg', ...at(-9 + 90, 50))).toBe(-3);
  });

  it('stops at the ends of the dial', () => {
    expect(draggedAngleDeg('clubPathDeg', ...at(80, 100))).toBe(15);
    expect(draggedAngleDeg('faceAngleDeg', ...at(-80 + 90, 100))).toBe(-15);
  });
});
