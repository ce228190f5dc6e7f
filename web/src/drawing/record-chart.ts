/** A figure visit by visit as a drawing: for paper, files and the player's page; the same marks as the chart on the desk. */
import { endsOf, fromSi, towards } from '@loxos/core';
import type { FollowedFigure, Hand, LengthUnit, PageRecord, VisitPoint } from '@loxos/core';
import { format } from 'date-fns';
import type { Box, Shape } from './shape.ts';
import { VISITS_DRAWN, thinned } from './thinned.ts';
import { monthsBetween, spanOf } from './time-axis.ts';

/** Narrow, so that its words can be read on a phone. */
export const RECORD_CHART_BOX: Box = [0, 0, 420, 260];
const [, , WIDE, TALL] = RECORD_CHART_BOX;
/** Left of it the values stand, below it the months. */
const [LEFT, TOP, RIGHT, BOTTOM] = [104, 12, WIDE - 10, TALL - 30];
const TEXT = 15;
/** Half of how wide a month is written. */
const MONTH_HALF = 28;
const MOST_TICKS = 6;
const MOST_MONTHS = 5;
/** Steps between two ticks, in the unit shown. */
const STEPS = [0.5, 1, 2, 5, 10, 20, 50, 100] as const;

/** What the chart shows. */
export interface RecordChart extends Pick<PageRecord, 'figure' | 'levels' | 'target'> {
  readonly points: readonly (PageRecord['points'][number] & Pick<VisitPoint, 'times95'>)[];
  readonly hand: Hand;
  readonly unit: LengthUnit;
  /** Whether it is of spreads, which have no side and are never below nothing. */
  readonly isSpread?: boolean;
  /** Something that changed at a visit beside the player: the monitor, the club. */
  readonly marks?: readonly { readonly at: string; readonly text: string }[];
}

const isAngle = (figure: FollowedFigure): boolean => figure.endsWith('Deg');

/** Returns how values of a figure are written beside a chart: `3° open`, `5 m left`, `0°`. */
export function chartUnit(figure: FollowedFigure, hand: Hand, unit: LengthUnit) {
  const inSi = isAngle(figure) || figure === 'strikeToeMm';
  const shown = (value: number): number => (inSi ? value : fromSi(value, unit));
  const suffix = isAngle(figure) ? '°' : figure === 'strikeToeMm' ? ' mm' : ` ${unit}`;
  const size = (value: number, digits = 0): string => `${Math.abs(value).toFixed(digits)}${suffix}`;
  const told = (value: number, digits = 0): string => {
    const text = size(value, digits);
    return Number(value.toFixed(digits)) === 0 ? text : `${text} ${towards(figure, value, hand)}`;
  };
  return { shown, size, told };
}

function ticksOf(low: number, high: number): number[] {
  const step = STEPS.find((size) => (high - low) / size <= MOST_TICKS) ?? STEPS[STEPS.length - 1]!;
  const first = Math.ceil(low / step);
  return Array.from({ length: Math.floor(high / step) - first + 1 }, (_, n) => (first + n) * step);
}

/** Returns the lowest and highest value shown, with some room. */
function rangeOf({ points, target, isSpread = false }: RecordChart): readonly [number, number] {
  const ends = points.flatMap((point) => [...endsOf(point)]);
  if (target !== null) ends.push(target.wanted - target.window, target.wanted + target.window);
  const [low, high] = [Math.min(...ends), Math.max(...ends)];
  const room = Math.max(0.5, 0.06 * (high - low));
  return [isSpread ? 0 : low - room, high + room];
}

const line = (d: string, more: Partial<Extract<Shape, { kind: 'path' }>>): Shape => ({
  kind: 'path',
  d,
  fill: 'none',
  ...more,
});

/** Returns where times and values stand in the picture. */
function scalesOf(chart: RecordChart) {
  const { figure, points, hand, unit, isSpread = false } = chart;
  const { shown, told, size } = chartUnit(figure, hand, unit);
  const [low, high] = rangeOf(chart).map(shown) as [number, number];
  const [from, to] = spanOf(points);
  const x = (time: number): number => LEFT + ((time - from) / (to - from)) * (RIGHT - LEFT);
  const yOf = (value: number): number => BOTTOM - ((value - low) / (high - low)) * (BOTTOM - TOP);
  return {
    x,
    yOf,
    y: (value: number): number => yOf(shown(value)),
    at: (n: number): number => x(Date.parse(points[n]!.at)),
    // A spread has no side.
    told: isSpread ? size : told,
    ticks: ticksOf(low, high),
    months: monthsBetween(from, to, MOST_MONTHS).filter(
      (time) => x(time) >= LEFT + MONTH_HALF && x(time) <= RIGHT - MONTH_HALF,
    ),
  };
}
type Scales = ReturnType<typeof scalesOf>;

function axesOf({ ticks, months, told, x, yOf }: Scales): Shape[] {
  const digits = ticks.some((value) => !Number.isInteger(value)) ? 1 : 0;
  const text = { kind: 'text', size: TEXT, fill: 'soft' } as const;
  return [
    ...ticks.flatMap((value): Shape[] => [
      line(`M${LEFT} ${yOf(value)}H${RIGHT}`, { stroke: value === 0 ? 'soft' : 'line', width: 1 }),
      { ...text, x: LEFT - 6, y: yOf(value) + TEXT / 3, text: told(value, digits), anchor: 'end' },
    ]),
    ...months.map((time): Shape => ({
      ...text,
      x: x(time),
      y: TALL - 8,
      text: format(time, 'MMM yy'),
      anchor: 'middle',
    })),
  ];
}

function laneOf({ target }: RecordChart, { y }: Scales): Shape[] {
  if (target === null) return [];
  const [above, below] = [y(target.wanted + target.window), y(target.wanted - target.window)];
  return [line(`M${LEFT} ${above}H${RIGHT}V${below}H${LEFT}Z`, { fill: 'path', opacity: 0.18 })];
}

const marksOf = ({ marks = [] }: RecordChart, { x }: Scales): Shape[] =>
  marks.flatMap(({ at: when, text }, n): Shape[] => {
    const across = x(Date.parse(when));
    return [
      line(`M${across} ${TOP}V${BOTTOM}`, { stroke: 'look', width: 1.5, dash: '4 4' }),
      {
        kind: 'text',
        x: across + 4,
        y: TOP + TEXT * (1 + (n % 2)),
        text,
        size: TEXT - 2,
        fill: 'look',
      },
    ];
  });

/** Each visit with its interval, and the levels under the dots. */
function visitsOf({ points, levels }: RecordChart, { at, y }: Scales): Shape[] {
  const drawn = thinned(
    points.map(({ middle }) => middle),
    VISITS_DRAWN,
  );
  return [
    ...drawn.map((n) => {
      const [below, above] = endsOf(points[n]!);
      return line(`M${at(n)} ${y(below)}V${y(above)}`, { stroke: 'soft', width: 1.4 });
    }),
    ...levels.map(({ from, to, value }) =>
      line(`M${at(from)} ${y(value)}H${at(to - 1)}`, { stroke: 'face', width: 3 }),
    ),
    ...drawn.map((n): Shape => ({
      kind: 'circle',
      x: at(n),
      y: y(points[n]!.middle),
      r: 4.5,
      fill: 'ink',
      stroke: 'paper',
      width: 1.2,
    })),
  ];
}

/** Returns the drawing; nothing of fewer than two visits. */
export function recordChart(chart: RecordChart): Shape[] {
  if (chart.points.length < 2) return [];
  const scales = scalesOf(chart);
  return [
    ...axesOf(scales),
    ...laneOf(chart, scales),
    ...marksOf(chart, scales),
    ...visitsOf(chart, scales),
  ];
}
