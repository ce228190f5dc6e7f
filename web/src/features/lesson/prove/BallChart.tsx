import { figureOf, fromSi } from '@loxos/core';
import type { BallView, LengthUnit, ProofFigure } from '@loxos/core';
import { Chart as ChartJs, Legend, LinearScale, PointElement, Tooltip } from 'chart.js';
import { Scatter } from 'react-chartjs-2';
import { useTheme } from '../../../app/theme.ts';
import { chartFont, ink } from '../../../ui/chart-ink.ts';

ChartJs.register(LinearScale, PointElement, Tooltip, Legend);

interface BallChartProps {
  readonly figure: ProofFigure;
  /** The figure's name with its unit. */
  readonly label: string;
  readonly before: { readonly label: string; readonly views: readonly BallView[] };
  readonly after: { readonly label: string; readonly views: readonly BallView[] };
  /** Lengths are shown in this; angles in degrees. */
  readonly unit: LengthUnit;
}

/** One figure ball by ball, in the order hit: rings before, filled after. */
export default function BallChart({ figure, label, before, after, unit }: BallChartProps) {
  useTheme();
  const shown = (value: number): number => (figure.endsWith('M') ? fromSi(value, unit) : value);
  const points = (views: readonly BallView[], from: number) =>
    views.flatMap((view, index) => {
      const value = figureOf(view, figure);
      return value === null ? [] : [{ x: from + index + 1, y: shown(value) }];
    });
  const font = chartFont();
  const axis = (text: string) => ({
    title: { display: true, text, color: ink('soft'), font },
    ticks: { color: ink('soft'), font, precision: 0 },
    grid: { color: ink('line') },
  });
  return (
    <Scatter
      aria-label={`${label}, ball by ball: ${before.label} and ${after.label}`}
      role="img"
      data={{
        datasets: [
          {
            label: before.label,
            data: points(before.views, 0),
            pointRadius: 6,
            pointBorderWidth: 2,
            borderColor: ink('faint'),
            backgroundColor: 'transparent',
          },
          {
            label: after.label,
            data: points(after.views, before.views.length),
            pointRadius: 6,
            borderColor: ink('ink'),
            backgroundColor: ink('ink'),
          },
        ],
      }}
      options={{
        animation: false,
        maintainAspectRatio: false,
        scales: { x: axis('ball, in the order hit'), y: axis(label) },
        plugins: {
          legend: { labels: { color: ink('ink'), usePointStyle: true, font } },
          tooltip: { bodyFont: font, titleFont: font },
        },
      }}
    />
  );
}
