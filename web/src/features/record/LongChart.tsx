import type { Hand, LengthUnit } from '@loxos/core';
import type { ChartOptions } from 'chart.js';
import {
  Chart as ChartJs,
  Filler,
  LineElement,
  LinearScale,
  PointElement,
  Tooltip,
} from 'chart.js';
import zoomPlugin from 'chartjs-plugin-zoom';
import { format } from 'date-fns';
import { Scatter } from 'react-chartjs-2';
import { useTheme } from '../../app/theme.ts';
import { chartUnit } from '../../drawing/record-chart.ts';
import { monthsBetween, spanOf } from '../../drawing/time-axis.ts';
import { shortDay } from '../../ui/day-text.ts';
import { chartFont, ink } from '../../ui/chart-ink.ts';
import { datasetsOf, drawnPlaces } from './long-chart-data.ts';
import type { Told } from './long-chart-data.ts';

ChartJs.register(LinearScale, PointElement, LineElement, Filler, Tooltip, zoomPlugin);

/** No nearer than this is looked, ms. */
const NEAREST_MS = 14 * 864e5;

interface LongChartProps extends Told {
  readonly hand: Hand;
  readonly unit: LengthUnit;
  /** Whether it is of spreads, which have no side. */
  readonly isSpread: boolean;
  /** From when to when is looked at, ms. */
  readonly seen: readonly [number, number];
  /** Told what is looked at after a pinch or a drag. */
  readonly onSee: (from: number, to: number) => void;
  readonly onChoose: (lessonId: string) => void;
  readonly label: string;
}

type Plugins = NonNullable<ChartOptions<'scatter'>['plugins']>;

/** Returns how the chart is moved, and what a touched visit says. `labelOf`: of the visit at a place. */
function pluginsOf(
  points: Told['followed']['points'],
  places: readonly number[],
  looked: (at: { readonly chart: ChartJs }) => void,
  labelOf: (place: number) => string,
): Plugins {
  const font = chartFont();
  const [first, last] = spanOf(points);
  return {
    legend: { display: false },
    zoom: {
      limits: { x: { min: first, max: last, minRange: NEAREST_MS } },
      pan: { enabled: true, mode: 'x', onPanComplete: looked },
      // The page goes on scrolling under a wheel without the key.
      zoom: {
        wheel: { enabled: true, modifierKey: 'ctrl' },
        pinch: { enabled: true },
        mode: 'x',
        onZoomComplete: looked,
      },
    },
    tooltip: {
      bodyFont: font,
      titleFont: font,
      displayColors: false,
      filter: ({ datasetIndex }) => datasetIndex === 0,
      callbacks: {
        label: ({ dataIndex }) => labelOf(places[dataIndex]!),
      },
    },
  };
}

export default function LongChart(props: LongChartProps) {
  useTheme();
  const { followed, hand, unit, isSpread, seen, onSee, onChoose, label } = props;
  const { figure, points } = followed;
  const { shown, told: withSide, size } = chartUnit(figure, hand, unit);
  const told = isSpread ? size : withSide;
  const font = chartFont();
  const ticks = { color: ink('soft'), font };
  const places = drawnPlaces(points, seen);
  const looked = ({ chart }: { readonly chart: ChartJs }): void =>
    onSee(chart.scales['x']!.min, chart.scales['x']!.max);
  return (
    <Scatter
      aria-label={label}
      role="img"
      data={{ datasets: datasetsOf(props, shown, places) }}
      options={{
        animation: false,
        maintainAspectRatio: false,
        onClick: (_event, hit) => {
          const found = hit.find(({ datasetIndex }) => datasetIndex === 0);
          if (found !== undefined) onChoose(points[places[found.index]!]!.lessonId);
        },
        scales: {
          x: {
            type: 'linear',
            min: seen[0],
            max: seen[1],
            afterBuildTicks: (scale) => {
              scale.ticks = monthsBetween(scale.min, scale.max).map((value) => ({ value }));
            },
            ticks: { ...ticks, callback: (value) => format(Number(value), 'MMM yy') },
            grid: { color: ink('line') },
          },
          y: {
            ...(isSpread && { min: 0 }),
            ticks: { ...ticks, callback: (value) => told(Number(value)) },
            grid: { color: (line) => (line.tick.value === 0 ? ink('soft') : ink('line')) },
          },
        },
        plugins: pluginsOf(points, places, looked, (n) => {
          const { at, middle, count } = points[n]!;
          return `${shortDay(at)}: ${told(shown(middle), 1)}, ${count} balls`;
        }),
      }}
    />
  );
}
