import type { Followed } from '@loxos/core';
import type { ChartDataset } from 'chart.js';
import { addMonths, differenceInMonths, startOfMonth } from 'date-fns';
import { ink } from '../../ui/chart-ink.ts';

/** Room beside the first and the last visit, as a share of the time between, and at least, ms. */
const ROOM_SHARE = 0.03;
const LEAST_ROOM_MS = 4 * 864e5;
/** Names of months on the chart at most. */
const MONTHS_SHOWN = 12;

/** What the chart shows. */
export interface Told {
  readonly followed: Followed;
  /** Lessons in which a drill was worked on. */
  readonly worked: ReadonlySet<string>;
  /** Days of homework done, ISO. */
  readonly homework: readonly string[];
}

interface At {
  readonly x: number;
  readonly y: number;
}
type Lines = ChartDataset<'scatter', At[]>;

const time = (iso: string): number => new Date(iso).getTime();

const line = (label: string, data: At[], more: Partial<Lines>): Lines => ({
  label,
  data,
  showLine: true,
  pointRadius: 0,
  pointHitRadius: 0,
  spanGaps: false,
  ...more,
});

/** The time a chart shows, ms: its visits with some room beside them. */
export function spanOf(points: Followed['points']): readonly [number, number] {
  const [first, last] = [time(points[0]!.at), time(points.at(-1)!.at)];
  const room = Math.max(LEAST_ROOM_MS, ROOM_SHARE * (last - first));
  return [first - room, last + room];
}

/** The figure visit by visit: each with its interval, the levels it stood at, on the lane of what is wanted. */
export function datasetsOf(
  { followed, worked, homework }: Told,
  shown: (value: number) => number,
): Lines[] {
  const { points, levels, target, chart } = followed;
  const xs = points.map(({ at }) => time(at));
  const [first, last] = spanOf(points);
  const at = (n: number, value: number): At => ({ x: xs[n]!, y: shown(value) });
  const gap: At = { x: NaN, y: NaN };
  const lane = (value: number): At[] => [first, last].map((x) => ({ x, y: shown(value) }));
  const intervals = points.flatMap(({ middle, half95 }, n) => [
    at(n, middle - half95),
    at(n, middle + half95),
    gap,
  ]);
  const steps = levels.flatMap(({ from, to, value }) => [at(from, value), at(to - 1, value), gap]);
  const isWorked = points.map(({ lessonId }) => worked.has(lessonId));
  const low = Math.min(
    ...points.map(({ middle, half95 }) => shown(middle - half95)),
    target === null ? Infinity : shown(target.wanted - target.window),
  );
  const behind = points.length - chart.length;
  return [
    {
      label: 'visit',
      data: points.map(({ middle }, n) => at(n, middle)),
      pointRadius: 7,
      pointHoverRadius: 9,
      pointStyle: isWorked.map((is) => (is ? 'rectRot' : 'circle')),
      backgroundColor: ink('ink'),
      borderColor: ink('paper'),
      borderWidth: 1.5,
      order: 0,
    },
    line('level', steps, { borderColor: ink('face'), borderWidth: 3, order: 1 }),
    line(
      'moving average',
      chart.map(({ average }, n) => at(behind + n, average)),
      { borderColor: ink('faint'), borderWidth: 1.5, borderDash: [5, 5], order: 2 },
    ),
    line('interval', intervals, { borderColor: ink('soft'), borderWidth: 1.5, order: 3 }),
    {
      label: 'homework done',
      data: homework
        .map((day) => ({ x: time(day), y: low }))
        .filter(({ x }) => x >= first && x <= last),
      pointRadius: 3,
      pointHitRadius: 0,
      backgroundColor: ink('path'),
      borderColor: ink('path'),
      order: 4,
    },
    ...(target === null
      ? []
      : [
          line('wanted', lane(target.wanted + target.window), {
            borderWidth: 0,
            backgroundColor: `${ink('path')}26`,
            fill: '+1',
            order: 5,
          }),
          line('wanted', lane(target.wanted - target.window), { borderWidth: 0, order: 6 }),
        ]),
  ];
}

/** Firsts of months between two times, so few that their names fit. */
export function monthsBetween(from: number, to: number): number[] {
  const first = startOfMonth(from);
  const months = differenceInMonths(to, first) + 1;
  const step = Math.max(1, Math.ceil(months / MONTHS_SHOWN));
  return Array.from({ length: Math.ceil(months / step) + 1 }, (_, n) =>
    addMonths(first, n * step).getTime(),
  ).filter((at) => at >= from && at <= to);
}
