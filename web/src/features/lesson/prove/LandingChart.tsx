import { fromSi } from '@loxos/core';
import type { BallView, LengthUnit } from '@loxos/core';
import { Chart as ChartJs, Legend, LinearScale, PointElement, Tooltip } from 'chart.js';
import { Scatter } from 'react-chartjs-2';
import { useTheme } from '../../../app/theme.ts';

ChartJs.register(LinearScale, PointElement, Tooltip, Legend);

interface LandingChartProps {
  readonly before: { readonly label: string; readonly views: readonly BallView[] };
  readonly after: { readonly label: string; readonly views: readonly BallView[] };
  readonly unit: LengthUnit;
}

const ink = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim();

/** Where the balls of two blocks landed: rings before, filled after. */
export default function LandingChart({ before, after, unit }: LandingChartProps) {
  useTheme();
  const points = (views: readonly BallView[]) =>
    views.flatMap(({ carry, offline }) =>
      carry === null || offline === null
        ? []
        : [{ x: fromSi(offline.value, unit), y: fromSi(carry.value, unit) }],
    );
  const [b, a] = [points(before.views), points(after.views)];
  const wide = Math.ceil(Math.max(5, ...[...a, ...b].map(({ x }) => Math.abs(x))) * 1.1);
  const axis = (text: string) => ({
    title: { display: true, text, color: ink('soft') },
    ticks: { color: ink('soft') },
    grid: { color: ink('line') },
  });
  return (
    <Scatter
      aria-label={`Landings: ${before.label} and ${after.label}`}
      role="img"
      data={{
        datasets: [
          {
            label: before.label,
            data: b,
            pointRadius: 6,
            pointBorderWidth: 2,
            borderColor: ink('faint'),
            backgroundColor: 'transparent',
          },
          {
            label: after.label,
            data: a,
            pointRadius: 6,
            borderColor: ink('ink'),
            backgroundColor: ink('ink'),
          },
        ],
      }}
      options={{
        animation: false,
        maintainAspectRatio: false,
        scales: {
          x: { ...axis(`left  ·  offline, ${unit}  ·  right`), min: -wide, max: wide },
          y: axis(`carry, ${unit}`),
        },
        plugins: { legend: { labels: { color: ink('ink'), usePointStyle: true } } },
      }}
    />
  );
}
