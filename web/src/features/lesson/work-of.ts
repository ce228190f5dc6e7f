import {
  DEFAULT_BANDS,
  asRightHanded,
  rankDrills,
  recommendDrills,
  traceCause,
  whatFirst,
  DRILLS,
  judgeDrills,
} from '@loxos/core';
import type {
  Bands,
  CauseTrace,
  ChosenDrill,
  DrillEffect,
  DrillWish,
  FirstChoice,
  FirstSchool,
  GroupReading,
  Tendency,
} from '@loxos/core';
import type { Lesson, OwnDrill } from '../../api/client.ts';
import { asDrill } from '../yard/layout-of.ts';
import { faultOf } from './CausePanel.tsx';
import { observationsIn, partOf } from './parts.ts';

/** The schools by name. */
export const FIRST_SCHOOL_OPTIONS: readonly (readonly [FirstSchool, string])[] = [
  ['costliest', 'Costliest'],
  ['face-first', 'Face first'],
  ['path-first', 'Path first'],
  ['relationship-first', 'Relationship first'],
];

/** What the academy's settings say of the work. */
export interface AcademyRules {
  readonly firstSchool: FirstSchool;
  readonly bands: Bands;
}
const USUAL_RULES: AcademyRules = { firstSchool: 'costliest', bands: DEFAULT_BANDS };

export interface WorkPlan {
  readonly choices: readonly FirstChoice[];
  readonly choice: FirstChoice;
  readonly warning: string | null;
  readonly trace: CauseTrace | null;
  readonly offered: readonly ChosenDrill[];
  readonly all: readonly ChosenDrill[];
}

/** What a player does, in words of the hand, from the balls of one club. */
function tendenciesOf(lesson: Lesson, group: GroupReading, bands: Bands): Tendency[] {
  const { hand } = lesson.player;
  const path = asRightHanded(group.figures.clubPathDeg?.mean ?? 0, hand);
  const face = asRightHanded(group.figures.faceAngleDeg?.mean ?? 0, hand);
  const name = group.pattern?.name ?? '';
  const { pathAcceptableDeg, faceSquareDeg } = bands;
  const tendencies: (Tendency | false)[] = [
    path > pathAcceptableDeg && 'in-to-out',
    path < -pathAcceptableDeg && 'out-to-in',
    face > faceSquareDeg && 'open',
    face < -faceSquareDeg && 'closed',
    /hook/.test(name) && 'hook',
    /slice/.test(name) && 'slice',
    name === 'pull' && 'pull',
    name === 'push' && 'push',
  ];
  return tendencies.filter((t) => t !== false);
}

/** What to change first and with which drills, for the balls of one club; null without face and path. */
export function planWork(
  lesson: Lesson,
  group: GroupReading | undefined,
  effects: readonly DrillEffect[],
  own: readonly OwnDrill[],
  { firstSchool, bands }: AcademyRules = USUAL_RULES,
): WorkPlan | null {
  if (group === undefined || group.split === null || group.typical === null) return null;
  const { hand } = lesson.player;
  const { faceAngleDeg, clubPathDeg, strikeToeMm } = group.typical.delivery;
  const { choices, warning } = whatFirst({
    hand,
    faceAngleDeg,
    clubPathDeg,
    strikeToeMm,
    split: group.split,
    faceSquareDeg: bands.faceSquareDeg,
    pathNeutralDeg: bands.pathNeutralDeg,
    faceToPathSquareDeg: bands.faceToPathSquareDeg,
  });
  const work = partOf(lesson, 'work');
  const school = work.school ?? firstSchool;
  const choice = choices.find((c) => c.school === school) ?? choices[0]!;
  const node = choice.target === 'aim' || choice.target === 'none' ? null : choice.target;
  const trace =
    node === null
      ? null
      : traceCause({ node, value: faultOf(group, node), hand }, observationsIn(lesson));
  const figure = choice.target === 'face' ? 'faceAngleDeg' : 'clubPathDeg';
  const before = Object.fromEntries(
    rankDrills(effects, figure).map(({ drillId, difference }) => [
      drillId,
      asRightHanded(difference, hand) * choice.move,
    ]),
  );
  const wish: DrillWish = {
    movePath: choice.target === 'path' ? choice.move : 0,
    moveFace: choice.target === 'face' ? choice.move : 0,
    target: choice.target,
    tendencies: tendenciesOf(lesson, group, bands),
    bodyNotes: `${lesson.player.bodyNotes} ${partOf(lesson, 'setup').body}`,
    cause: trace?.cause?.link.id ?? null,
    before,
  };
  const drills = [...DRILLS, ...own.map(asDrill)];
  return {
    choices,
    choice,
    warning,
    trace,
    offered: recommendDrills(drills, wish),
    all: judgeDrills(drills, wish),
  };
}
