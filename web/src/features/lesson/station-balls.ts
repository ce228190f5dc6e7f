import { formatSideAngle, mean } from '@loxos/core';
import type { Lesson } from '../../api/client.ts';

/** The launch data that belongs to a station: balls tagged with its drill, else the lesson's last ball. */
export function stationBalls(
  { balls, player }: Lesson,
  drillId: string,
): { readonly words: string; readonly lastPathDeg: number | null } | undefined {
  const own = balls.filter((ball) => ball.drillId === drillId);
  const paths = own.map((ball) => ball.clubPathDeg ?? null).filter((path) => path !== null);
  const last = (own.length > 0 ? own : balls).findLast((ball) => ball.clubPathDeg != null);
  if (last === undefined) return undefined;
  const lastPathDeg = last.clubPathDeg ?? null;
  if (paths.length === 0) {
    const words = `Last ball measured: path ${formatSideAngle(lastPathDeg!, player.angleStyle)}.`;
    return { words, lastPathDeg };
  }
  const words = `${paths.length} balls measured at this station: path ${formatSideAngle(mean(paths), player.angleStyle)}.`;
  return { words, lastPathDeg };
}
