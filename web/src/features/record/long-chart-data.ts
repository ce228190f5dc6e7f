import { endsOf } from '@loxos/core';
import type { Followed } from '@loxos/core';
import type { ChartDataset } from 'chart.js';
import { VISITS_DRAWN, thinned } from '../../drawing/thinned.ts';
import { spanOf } from '../../drawing/time-axis.ts';
import { ink } from '../../ui/chart-ink.ts';

/** What the chart shows. */
export interface Told {
  readonly followed: Followed;
  /** Lessons in which a drill was worked on. */
  readonly worked: ReadonlySet<string>;
  /** Days of homework done, ISO. */
  readonly homework: readonly string[];
  /** Visits at which the club or the source of figures changed. */
  readonly marks: readonly { readonly at: string; readonly text: string }[];
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

/** Returns the places of the visits that are drawn: of those between two times, with one beside them to each side, the ones that stick out. */
export function drawnPlaces(
  points: Followed['points'],
  [from, to]: readonly [number, number],
): number[] {
  const first = points.findIndex(({ at }) => time(at) >= from);
  const after = points.findIndex(({ at }) => time(at) > to);
  const start = Math.max(0, (first < 0 ? points.length : first) - 1);
  const end = after < 0 ? points.length : after + 1;
  const middles = points.slice(start, end).map(({ middle }) => middle);
  return thinned(middles, VISITS_DRAWN).map((n) => start + n);
}

/** Returns the visits; those with a drill in them are diamonds. */
const visitsOf = (data: At[], isWorked: readonly boolean[]): Lines => ({
  label: 'visit',
  data,
  pointRadius: 7,
  pointHoverRadius: 9,
  pointStyle: isWorked.map((is) => (is ? 'rectRot' : 'circle')),
  backgroundColor: ink('ink'),
  borderColor: ink('paper'),
  borderWidth: 1.5,
  order: 0,
});

/** Returns the wanted, from its upper edge to its lower. */
const wantedOf = (upper: At[], lower: At[]): Lines[] => [
  line('wanted', upper, {
    borderWidth: 0,
    backgroundColor: `${ink('path')}26`,
    fill: '+1',
    order: 5,
  }),
  line('wanted', lower, { borderWidth: 0, order: 6 }),
];

/** Returns the figure visit by visit: each with its interval, the levels it stood at, on the wanted lane. `places` are drawn. */
export function datasetsOf(
  { followed, worked, homework, marks }: Told,
  shown: (value: number) => number,
  places: readonly number[],
): Lines[] {
  const { points, levels, target, chart } = followed;
  const [first, last] = spanOf(points);
  const at = (n: number, value: number): At => ({ x: time(points[n]!.at), y: shown(value) });
  const gap: At = { x: NaN, y: NaN };
  const lane = (value: number): At[] => [first, last].map((x) => ({ x, y: shown(value) }));
  const intervals = places.flatMap((n) => [...endsOf(points[n]!).map((end) => at(n, end)), gap]);
  const steps = levels.flatMap(({ from, to, value }) => [at(from, value), at(to - 1, value), gap]);
  const isWorked = places.map((n) => worked.has(points[n]!.lessonId));
  const ends = places.flatMap((n) => endsOf(points[n]!).map(shown));
  const low = Math.min(...ends, target === null ? Infinity : shown(target.wanted - target.window));
  const high = Math.max(...ends);
  const behind = points.length - chart.length;
  return [
    visitsOf(
      places.map((n) => at(n, points[n]!.middle)),
      isWorked,
    ),
    line('level', steps, { borderColor: ink('face'), borderWidth: 3, order: 1 }),
    line(
      'moving average',
      places.filter((n) => n >= behind).map((n) => at(n, chart[n - behind]!.average)),
      { borderColor: ink('faint'), borderWidth: 1.5, borderDash: [5, 5], order: 2 },
    ),
    line(
      'changed beside the player',
      marks.flatMap(({ at: when }) => [{ x: time(when), y: low }, { x: time(when), y: high }, gap]),
      { borderColor: ink('look'), borderWidth: 1.5, borderDash: [4, 4], order: 3 },
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
      : wantedOf(lane(target.wanted + target.window), lane(target.wanted - target.window))),
  ];
}
