import { fromSi, towards } from '@loxos/core';
import type { Hand, LengthUnit } from '@loxos/core';
import {
  Chart as ChartJs,
  Filler,
  LineElement,
  LinearScale,
  PointElement,
  Tooltip,
} from 'chart.js';
import { format } from 'date-fns';
import { Scatter } from 'react-chartjs-2';
import { useTheme } from '../../app/theme.ts';
import { shortDay } from '../../ui/day-text.ts';
import { chartFont, ink } from '../../ui/chart-ink.ts';
import { datasetsOf, monthsBetween, spanOf } from './long-chart-data.ts';
import type { Told } from './long-chart-data.ts';

ChartJs.register(LinearScale, PointElement, LineElement, Filler, Tooltip);

interface LongChartProps extends Told {
  readonly hand: Hand;
  readonly unit: LengthUnit;
  readonly onChoose: (lessonId: string) => void;
  readonly label: string;
  /** Told the chart, to save a picture of it. */
  readonly onChart: (chart: ChartJs<'scatter'> | null) => void;
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
            min: spanOf(points)[0],
            max: spanOf(points)[1],
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
