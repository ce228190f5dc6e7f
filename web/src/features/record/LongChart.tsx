import { fromSi, towards } from '@loxos/core';
import type { Followed, Hand, LengthUnit } from '@loxos/core';
import {
  Chart as ChartJs,
  Filler,
  LineElement,
  LinearScale,
  PointElement,
  Tooltip,
} from 'chart.js';
import type { ChartDataset } from 'chart.js';
import { addMonths, differenceInMonths, format, startOfMonth } from 'date-fns';
import { Scatter } from 'react-chartjs-2';
import { useTheme } from '../../app/theme.ts';
import { shortDay } from '../../ui/day-text.ts';
import { chartFont, ink } from '../../ui/chart-ink.ts';

ChartJs.register(LinearScale, PointElement, LineElement, Filler, Tooltip);

const DAY_MS = 864e5;
const NORMAL_975 = 1.96;
/** Names of months on the chart at most. */
const MONTHS_SHOWN = 12;

export interface LongChartProps {
  readonly followed: Followed;
  readonly hand: Hand;
  readonly unit: LengthUnit;
  /** Lessons in which a drill was worked on, and days of homework done, ISO. */
  readonly worked: ReadonlySet<string>;
  readonly homework: readonly string[];
  readonly onChoose: (lessonId: string) => void;
  readonly label: string;
  /** Told the chart, to save a picture of it. */
  readonly onChart: (chart: ChartJs<'scatter'> | null) => void;
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

/** The figure visit by visit: each with its interval, the levels it stood at, on the lane of what is wanted. */
function datasetsOf(props: LongChartProps, shown: (value: number) => number): Lines[] {
  const { followed, worked, homework } = props;
  const { points, levels, target, chart } = followed;
  const xs = points.map(({ at }) => time(at));
  const [first, last] = [xs[0]! - 4 * DAY_MS, xs.at(-1)! + 4 * DAY_MS];
  const at = (n: number, value: number): At => ({ x: xs[n]!, y: shown(value) });
  const gap: At = { x: NaN, y: NaN };
  const lane = (value: number): At[] => [first, last].map((x) => ({ x, y: shown(value) }));
  const intervals = points.flatMap(({ middle, error }, n) => [
    at(n, middle - NORMAL_975 * error),
    at(n, middle + NORMAL_975 * error),
    gap,
  ]);
  const steps = levels.flatMap(({ from, to, value }) => [at(from, value), at(to - 1, value), gap]);
  const isWorked = points.map(({ lessonId }) => worked.has(lessonId));
  const low = Math.min(
    ...points.map(({ middle, error }) => shown(middle - NORMAL_975 * error)),
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
function monthsBetween(from: number, to: number): number[] {
  const first = startOfMonth(from);
  const months = differenceInMonths(to, first) + 1;
  const step = Math.max(1, Math.ceil(months / MONTHS_SHOWN));
  return Array.from({ length: Math.ceil(months / step) + 1 }, (_, n) =>
    addMonths(first, n * step).getTime(),
  ).filter((at) => at >= from && at <= to);
}

export default function LongChart(props: LongChartProps) {
  useTheme();
  const { followed, hand, unit, onChoose, label, onChart } = props;
  const { figure, points } = followed;
  const isAngle = figure.endsWith('Deg');
  const shown = (value: number): number =>
    isAngle || figure === 'strikeToeMm' ? value : fromSi(value, unit);
  const unitText = isAngle ? '°' : figure === 'strikeToeMm' ? ' mm' : ` ${unit}`;
  const told = (value: number, digits = 0): string => {
    const size = `${Math.abs(value).toFixed(digits)}${unitText}`;
    return Number(value.toFixed(digits)) === 0 ? size : `${size} ${towards(figure, value, hand)}`;
  };
  const font = chartFont();
  const ticks = { color: ink('soft'), font };
  return (
    <Scatter
      ref={(chart) => onChart(chart ?? null)}
      aria-label={label}
      role="img"
      data={{ datasets: datasetsOf(props, shown) }}
      options={{
        animation: false,
        maintainAspectRatio: false,
        onClick: (_event, hit) => {
          const found = hit.find(({ datasetIndex }) => datasetIndex === 0);
          if (found !== undefined) onChoose(points[found.index]!.lessonId);
        },
        scales: {
          x: {
            type: 'linear',
            min: time(points[0]!.at) - 4 * DAY_MS,
            max: time(points.at(-1)!.at) + 4 * DAY_MS,
            afterBuildTicks: (scale) => {
              scale.ticks = monthsBetween(scale.min, scale.max).map((value) => ({ value }));
            },
            ticks: { ...ticks, callback: (value) => format(Number(value), 'MMM yy') },
            grid: { color: ink('line') },
          },
          y: {
            ticks: { ...ticks, callback: (value) => told(Number(value)) },
            grid: { color: (line) => (line.tick.value === 0 ? ink('soft') : ink('line')) },
          },
        },
        plugins: {
          legend: { display: false },
          tooltip: {
            bodyFont: font,
            titleFont: font,
            displayColors: false,
            filter: ({ datasetIndex }) => datasetIndex === 0,
            callbacks: {
              label: ({ dataIndex }) => {
                const { at, middle, count } = points[dataIndex]!;
                return `${shortDay(at)}: ${told(shown(middle), 1)}, ${count} balls`;
              },
            },
          },
        },
      }}
    />
  );
}
