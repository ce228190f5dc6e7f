import { fairwayWords } from '@loxos/core';
import type { LengthUnit, PlayerRecord } from '@loxos/core';
import { FACE_PATH_BOX, facePathPlan } from '../../drawing/face-path-plan.ts';
import { laneExtent, lanePlan } from '../../drawing/lane-plan.ts';
import type { LaneCloud } from '../../drawing/lane-plan.ts';
import { Figure } from '../../ui/Figure.tsx';

/** Balls drawn of each period at most. */
const BALLS_DRAWN = 300;
const LANE_SIZE = { width: 400, height: 400 } as const;

interface PictureProps {
  readonly record: PlayerRecord;
  /** What the two periods are called. */
  readonly names: readonly string[];
  readonly file: string;
}

/** Face against path of both periods, with how much the face follows the path. */
export function FaceAgainstPath({ record, names, file }: PictureProps) {
  const { scatter, periods, coupling, wanted, faceShare } = record;
  const part = periods.at(-1)?.from ?? 0;
  const of = (isLater: boolean) =>
    scatter
      .filter(({ visit }) => visit >= part === isLater)
      .slice(-BALLS_DRAWN)
      .map((ball) => ({ ...ball, isLater }));
  // Where these balls do not show that the face follows, no line says it does.
  const follows = coupling.balls > 0 && coupling.low > 0;
  const shapes = facePathPlan({
    balls: [...of(false), ...of(true)],
    wanted,
    coupling: follows ? coupling.slope : null,
    faceShare,
  });
  const [before, since] = [names[0], names[1] ?? 'all visits'];
  const rings = before === undefined ? '' : `Rings: ${before}. `;
  return (
    <Figure
      shapes={shapes}
      box={FACE_PATH_BOX}
      title="Face against path, ball by ball"
      caption={`${rings}Filled: ${since}.${follows ? ' Plum: how the face follows the path.' : ''} Solid lines: equal start; dotted: equal bend.`}
      file={`${file}-face-path`}
      drawingClass="w-full max-h-[23rem]"
    />
  );
}

/** Where the balls of both periods land in the same still air, on the wanted lane. */
export function LandingPeriods({
  record,
  names,
  file,
  unit,
}: PictureProps & { readonly unit: LengthUnit }) {
  const { periods, wanted } = record;
  const clouds = periods.flatMap(({ landings }, n): LaneCloud[] =>
    landings.length === 0 ? [] : [{ look: n === 0 ? 'earlier' : 'later', landings }],
  );
  if (clouds.length === 0 || wanted === null) return null;
  const { shapes, box } = lanePlan(
    clouds,
    wanted,
    laneExtent(clouds, wanted, false),
    LANE_SIZE,
    unit,
  );
  const side = wanted.ruledOut === 'never left' ? 'left' : 'right';
  const told = periods.flatMap(({ fairway, ruledOut }, n) => {
    if (fairway === null) return [];
    const missed = ruledOut === null ? '' : `, too far ${side} ${fairwayWords(ruledOut)}`;
    return [`${names[n]}: ${fairwayWords(fairway)}${missed}`];
  });
  return (
    <Figure
      shapes={shapes}
      box={box}
      title="Where the balls land, in the same air"
      caption={`On the lane wanted, in the same still air. ${told.join('; ')}.`}
      file={`${file}-landings`}
      drawingClass="w-full max-h-[23rem]"
    />
  );
}
