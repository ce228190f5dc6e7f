import type { TableName } from './tables.ts';

/** What the text of a column that holds JSON is: a list, or an object. */
const KINDS: Readonly<Record<string, 'list' | 'object'>> = {
  'wanted of player': 'object',
  'goals of player': 'list',
  'report of player': 'object',
  'value of playerConsent': 'object',
  'aim of block': 'object',
  'value of lessonPart': 'object',
  'content of sharedPage': 'object',
  'rows of launchFile': 'list',
  'answers of launchFile': 'object',
  'answers of sourceMapping': 'object',
  'value of ownDrill': 'object',
  'bands of setting': 'object',
  'accuracy of setting': 'object',
  'before of history': 'object',
  'after of history': 'object',
};

const kindOf = (text: string): string => {
  try {
    const value: unknown = JSON.parse(text);
    if (Array.isArray(value)) return 'list';
    return typeof value === 'object' && value !== null ? 'object' : 'plain';
  } catch {
    return 'no JSON';
  }
};

/** Why a text cannot stand in a column that holds JSON, or null: what reads it later must not fall over it. */
export function jsonTrouble(table: TableName, column: string, value: unknown): string | null {
  const kind = KINDS[`${column} of ${table}`];
  if (kind === undefined || typeof value !== 'string') return null;
  return kindOf(value) === kind ? null : `is no JSON ${kind}`;
}
