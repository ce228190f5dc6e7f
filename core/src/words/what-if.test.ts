import { headOf, findClub } from '../delivery/club.ts';
import type { Delivery } from '../delivery/delivery.ts';
import { simulateShot } from '../flight/simulate.ts';
import { DEFAULT_DISPLAY_UNITS as UNITS } from './format.ts';
import { usualDelivery } from '../testing/deliveries.ts';
import { describeChange, describeShot } from './what-if.ts';

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
      /^A (fade|slice): .*out-to-in, the face 5\.0° open to it\.$/,
    );
    expect(describeShot(left.delivery, left.shot, UNITS)).toMatch(
      /^A (fade|slice): .*bends \d+ m left.*out-to-in, the face 5\.0° open to it\.$/,
    );
  });

  it('says what changed and what it does', () => {
    const words = describeChange(made({ faceAngleDeg: 3 }), made({ faceAngleDeg: 1 }), UNITS);
    expect(words).toMatch(/face 2\.0° further left\. The ball lands \d+ m further left/);
    expect(describeChange(made({}), made({}), UNITS)).toContain('same delivery');
  });

  it('does not write nothing as a figure', () => {
    const straight = made({ clubPathDeg: 0, faceAngleDeg: 0 });
    expect(describeShot(straight.delivery, straight.shot, UNITS)).toMatch(
      /^A straight ball: it starts on line, does not bend, carries \d+ m and lands on the target line\./,
    );
  });

  it('has a word for a delivery that strikes nothing', () => {
    const still = made({ clubSpeedMps: 0 });
    expect(describeShot(still.delivery, still.shot, UNITS)).toContain('does not send a ball');
  });
});
