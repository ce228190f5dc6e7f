/** Body, hands and grip: what is moved without a lane for the ball. */
import type { Drill } from '../drill.ts';
import { BALL, layOut, stanceOf } from '../layout.ts';
import { base, bodyLine, hold, tape, targetLine } from './pieces.ts';

/** How far the face is closed before the hold, degrees: the middle of 15 to 20 (common practice, no source). */
const PRESET_DEG = 17;

export const BODY_DRILLS: readonly Drill[] = [
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
    layout: (c) => layOut(c, [targetLine, bodyLine(c, 'chest still closed', 30), BALL], []),
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
    layout: (c) => layOut(c, [targetLine, bodyLine(c, 'chest open sooner', -20), BALL], []),
  },
  {
    ...base,
    id: 'quiet-brim',
    name: 'Quiet brim',
    serves: ['path'],
    near: ['eye-line'],
    how: 'Eyes and brim of the cap stay still from hip to hip.',
    good: 'The brim has not turned when the club is past the ball.',
    misses: ['brim turned'],
    layout: (c) =>
      layOut(
        c,
        [
          targetLine,
          {
            kind: 'brim',
            label: 'brim stays still',
            alongM: 0,
            outM: -stanceOf(c).toesM + 0.12,
            angleDeg: 90,
          },
          BALL,
        ],
        [],
      ),
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
        c,
        [
          targetLine,
          BALL,
          {
            kind: 'cover',
            label: 'soft obstacle',
            alongM: 0.35,
            outM: -0.35,
            lengthM: 0.3,
            widthM: 0.1,
          },
        ],
        [
          tape('obstacle ahead', [0, 0], [0.35, 0]),
          tape('obstacle inside the line', [0.35, 0], [0.35, -0.3]),
        ],
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
        c,
        [
          BALL,
          {
            kind: 'rod',
            label: 'stick off the lead hip',
            alongM: stanceOf(c).leadM + 0.2,
            outM: -stanceOf(c).toesM - 0.1,
            lengthM: 0.4,
          },
        ],
        [
          tape(
            'stick ahead of the middle of the lead foot',
            [stanceOf(c).leadM, -stanceOf(c).toesM],
            [stanceOf(c).leadM + 0.2, -stanceOf(c).toesM],
          ),
        ],
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
    layout: (c) => layOut(c, [targetLine, hold('grip in the fingers', 3), BALL], []),
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
    layout: (c) => layOut(c, [targetLine, hold('two knuckles show', 2), BALL], []),
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
    layout: (c) =>
      layOut(
        c,
        [
          targetLine,
          {
            kind: 'head',
            label: 'face closed first',
            alongM: -0.05,
            outM: 0,
            lengthM: c.headLengthM,
            widthM: 0.05,
            angleDeg: -PRESET_DEG,
          },
          BALL,
        ],
        [],
      ),
  },
  {
    ...base,
    id: 'flat-card',
    name: 'Flat card',
    movesFace: -1,
    notFor: ['hook', 'closed'],
    strains: ['wrist'],
    near: ['lead-wrist', 'toe-at-top'],
    how: 'A card in the glove must not touch the forearm at the top.',
    good: 'The card stays clear of the forearm.',
    misses: ['card touched'],
    suits: 'those who keep missing the message',
    layout: (c) => layOut(c, [targetLine, hold('card in the glove', 2), BALL], []),
  },
];
