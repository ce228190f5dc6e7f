import { createHash } from 'node:crypto';
import { BALL_QUANTITIES } from '@loxos/core';
import type { MeasuredBall } from '@loxos/core';
import type { Row } from './intake.dto.ts';

/** A source is known by its header row: the line with the most letters among the first few. */
export function sourceKey(text: string): string {
  const lines = text.split(/\r?\n/, 30).map((line) => line.replace(/[^a-z]/gi, ''));
  const header = lines.reduce((best, line) => (line.length > best.length ? line : best), '');
  return createHash('sha256').update(header.toLowerCase()).digest('hex');
}

/** A ball's figures as one text: the same ball in a longer export has the same. */
export function fingerprintOf(ball: MeasuredBall): string {
  const figures = BALL_QUANTITIES.map((quantity) => ball[quantity]?.toPrecision(7) ?? '');
  const text = [ball.clubText ?? '', ball.hitAt ?? '', ...figures].join('|');
  return createHash('sha256').update(text).digest('hex').slice(0, 32);
}

/** Marks rows whose ball the lesson already has as `known`, each known ball once. */
export function markKnown(
  rows: readonly Row[],
  prints: readonly (string | null)[],
  known: readonly string[],
): Row[] {
  const left = new Map<string, number>();
  for (const print of known) left.set(print, (left.get(print) ?? 0) + 1);
  return rows.map((row, index) => {
    const print = prints[index] ?? null;
    const count = print === null ? 0 : (left.get(print) ?? 0);
    if (row.fate !== 'ball' || print === null || count === 0) return row;
    left.set(print, count - 1);
    return { ...row, fate: 'known', reason: 'This ball is already in the lesson.' };
  });
}

const countText = (count: number, one: string, many: string): string =>
  `${count} ${count === 1 ? one : many}`;

/** What was added and what was not, in a sentence. */
export function resultMessage(rows: readonly Row[]): string {
  const count = (fate: Row['fate']): number => rows.filter((row) => row.fate === fate).length;
  const parts = [`${countText(count('ball'), 'ball', 'balls')} added`];
  if (count('known') > 0) parts.push(`${count('known')} already here`);
  if (count('rejected') > 0)
    parts.push(`${countText(count('rejected'), 'row', 'rows')} refused: see why below`);
  return `${parts.join(', ')}.`;
}
