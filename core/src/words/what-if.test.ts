import { headOf, findClub } from '../delivery/club.ts';
import type { Delivery } from '../delivery/delivery.ts';
import { laneFor } from '../inverse/lane.ts';
import { simulateShot } from '../flight/simulate.ts';
import { DEFAULT_DISPLAY_UNITS as UNITS } from './format.ts';
import { usualDelivery } from '../testing/deliveries.ts';
import { describeChange, describeLane, describeShot } from './what-if.ts';

const club = findClub('7-iron')!;
const made = (changes: Partial<Delivery>) => {
  const delivery = usualDelivery(club, changes);
  return { delivery, shot: simulateShot(delivery, headOf(club)) };
};

describe('a what-if in words', () => {
  it('names the shot with the words of the hand', () => {
    const right = made({ clubPathDeg: -4, faceAngleDeg: 1 });
    const left = made({ hand: 'left', clubPathDeg: 4, faceAngleDeg: -1 });
    expect(describeShot(right.delivery, right.shot, UNITS)).toMatch(
      /^A (fade|slice): .*Path 4° out-to-in, face 5° open to it\.$/,
    );
    expect(describeShot(left.delivery, left.shot, UNITS)).toMatch(
      /^A (fade|slice): .*bends \d+ m .*left.*Path 4° out-to-in, face 5° open to it\.$/,
    );
  });

  it('says what changed and what it does', () => {
    const words = describeChange(made({ faceAngleDeg: 3 }), made({ faceAngleDeg: 1 }), UNITS);
    expect(words).toMatch(/face 2° further left\. The ball then lands \d+ m further left/);
    expect(describeChange(made({}), made({}), UNITS)).toContain('same delivery');
  });

  it('does not write nothing as a figure', () => {
    const straight = made({ clubPathDeg: 0, faceAngleDeg: 0 });
    expect(describeShot(straight.delivery, straight.shot, UNITS)).toMatch(
      /^A straight ball: it starts on line and does not bend\. It carries \d+ m and lands on the target line\./,
    );
  });

  it('says a lane in the words of the hand, and what its ball does beside the straight one', () => {
    const draw = (hand: 'left' | 'right', startDeg: number): string => {
      const { delivery } = made({ hand, clubPathDeg: 0, faceAngleDeg: 0 });
      const to = (deg: number) =>
        laneFor({ startDeg: deg, finishOfflineM: 0 }, delivery, headOf(club))!;
      return describeLane(to(startDeg), to(0), { hand, startDeg, onTarget: true }, UNITS);
    };
    expect(draw('right', 2)).toMatch(
      /^Face [\d.]+° open, path [\d.]+° in-to-out: it bends \d+ m back left\. The face lies \d\d % .*lower/,
    );
    expect(draw('left', -2)).toMatch(
      /^Face [\d.]+° open, path [\d.]+° in-to-out: it bends \d+ m back right\. .*lower/,
    );
  });

  it('has a word for a delivery that strikes nothing', () => {
    const still = made({ clubSpeedMps: 0 });
    expect(describeShot(still.delivery, still.shot, UNITS)).toContain('does not send a ball');
  });
});
