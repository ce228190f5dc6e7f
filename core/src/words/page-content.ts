/**
 * A player's page and a report, whole: as the lesson or the record makes them, with the coach's words over them. The browser shows it
 * before it is given, the server makes what is given: from here, both.
 */
import { findClub } from '../delivery/club.ts';
import type { ClubKind } from '../delivery/head.ts';
import { stationCard } from '../drills/card.ts';
import type { StationCard } from '../drills/card.ts';
import type { HeldLesson, HeldPlayer } from '../lesson/held.ts';
import { partOf } from '../lesson/parts.ts';
import type { HomeworkDay, RichText } from '../lesson/parts.ts';
import { askOfStation } from '../lesson/worked.ts';
import type { Worked } from '../lesson/worked.ts';
import { surenessOfAll } from '../reading/ball.ts';
import type { ReadBlock } from '../proof/blocks.ts';
import { FINDINGS_AT_MOST } from '../record/findings.ts';
import { goalsOf } from '../record/goal.ts';
import type { HomeworkDue } from '../record/homework-held.ts';
import type { PlayerRecord } from '../record/player-record.ts';
import { addDaysIso, addMonthsIso } from '../units/days.ts';
import { homeworkWords } from './homework.ts';
import { PAGE_DEFAULTS, composePage } from './page.ts';
import type { PageNumber } from './page.ts';
import type { RecordWording } from './record.ts';
import { recordForPlayer, reportNumbers, reportSlants } from './report.ts';
import type { PageRecord, PageSlant } from './report.ts';
import type { Wording } from './sentence.ts';

/** From when to when a report is, ISO days. */
export interface PagePeriod {
  readonly from: string;
  readonly to: string;
}

/** What a player is given. It stays as it was given, whatever becomes of the lesson. */
export interface PageContent {
  /** Two at most. */
  readonly points: readonly string[];
  /** What to expect for now. */
  readonly expect?: string;
  readonly numbers: readonly PageNumber[];
  /** Mean face and path before and after, for their drawing. */
  readonly slants: readonly PageSlant[];
  readonly stations: readonly StationCard[];
  readonly homework: readonly HomeworkDay[];
  /** ISO date. */
  readonly nextLook: string;
  /** The coach's own words: a document of the editor. */
  readonly words?: RichText | null;
  readonly record?: PageRecord | null;
  /** Of a report; null or left out of a lesson's page. */
  readonly period?: PagePeriod | null;
}

/** Stations of a page: more are never done. */
const MOST_STATIONS = 4;
/** A report is of so long back unless the coach says otherwise. */
const MONTHS_BACK = 6;

const isSaid = (text: string): boolean => text.trim() !== '';

/** Returns what the coach wrote over a text, or the text as made. */
const written = (
  over: readonly (string | null)[] | undefined,
  made: readonly string[],
  count: number,
): string[] => Array.from({ length: count }, (_, n) => over?.[n] ?? made[n] ?? '');

function slantOf(block: ReadBlock, label: string): PageSlant[] {
  // Of balls whose sides alone were told no face and path is drawn for a player to look at.
  if (surenessOfAll(block.counted.map(({ ball }) => ball)) === 'side') return [];
  const { faceAngleDeg: face, clubPathDeg: path } = block.figures;
  return face === undefined || path === undefined
    ? []
    : [{ label, faceAngleDeg: face.mean, clubPathDeg: path.mean }];
}

/** Returns the kind of club a lesson's page is about. */
export const pageKind = ({ club }: Pick<Worked, 'club'>): ClubKind =>
  findClub(club?.group.club)?.kind ?? 'iron';

export interface PageAsked {
  readonly worked: Worked;
  readonly wording: Wording;
  /** ISO day of the lesson. */
  readonly date: string;
  /** The player's record with the page's kind of club, as `pageRecord` makes it. */
  readonly record: PageRecord | null;
}

/** A page with its texts as they stand: each written over, or as made. */
export interface PageDraft {
  readonly content: PageContent;
  /** Those of the page, with the empty ones. */
  readonly points: readonly string[];
  readonly homework: readonly HomeworkDay[];
  readonly nextLook: string;
}

function stationsOf(lesson: HeldLesson, worked: Worked): StationCard[] {
  const { found, pageDrills, gently } = worked;
  const { hand } = lesson.player;
  const kind = pageKind(worked);
  const stage = found?.work.stage ?? null;
  return pageDrills.slice(0, MOST_STATIONS).map((drill) => {
    const asked = askOfStation(partOf(lesson, 'work'), drill, stage, hand);
    return stationCard(drill, { hand, kind, ...asked }, gently);
  });
}

/** Returns the page as the lesson makes it, with what the coach wrote over it. */
export function pageOfLesson(
  lesson: HeldLesson,
  { worked, wording, date, record }: PageAsked,
): PageDraft {
  const { found, pageDrills: drills, gently } = worked;
  const over = partOf(lesson, 'send');
  const page = composePage({ findings: found, drills, gently, wording, date });
  const points = written(over.points, page.points, PAGE_DEFAULTS.points);
  const homework = (over.homework ?? page.homework).map((day) => ({
    date: day.date,
    what: day.what,
  }));
  const nextLook = over.nextLook ?? page.nextLook;
  const judged = found?.verdict ?? null;
  const slants =
    judged === null ? [] : [...slantOf(judged.before, 'Before'), ...slantOf(judged.after, 'After')];
  const content: PageContent = {
    points: points.filter(isSaid),
    expect: page.expect,
    numbers: page.numbers,
    slants,
    stations: stationsOf(lesson, worked),
    homework,
    nextLook,
    words: over.words,
    record: over.isRecordShown ? record : null,
  };
  return { content, points, homework, nextLook };
}

/** Returns the record as it stands on the page about a kind of club; null where that was never hit, or it has nothing to say. */
export const pageRecord = (
  record: PlayerRecord | null,
  kind: ClubKind,
  { goals }: Pick<HeldPlayer, 'goals'>,
  today: string,
  wording: RecordWording,
): PageRecord | null =>
  record === null || record.kind !== kind
    ? null
    : recordForPlayer(record, goalsOf(goals, record, today), wording);

/** What the coach chose for a report and wrote over it; what is left out is as the record makes it. */
export interface ReportDraft {
  /** ISO days. */
  readonly from?: string;
  readonly to?: string;
  readonly kind?: ClubKind;
  readonly findings?: readonly (string | null)[];
  readonly points?: readonly (string | null)[];
  readonly nextLook?: string;
  readonly words?: RichText | null;
}

/** Returns the period a report is of: as chosen, or the last half year. */
export const periodOf = ({ from, to }: ReportDraft, today: string): PagePeriod => ({
  from: from ?? addMonthsIso(today, -MONTHS_BACK),
  to: to ?? today,
});

/** What the player was last given. */
export interface LastGiven {
  readonly points: readonly string[];
  readonly nextLook: string;
}

export interface ReportAsked {
  readonly record: PlayerRecord;
  /** Of the period. */
  readonly homework: readonly HomeworkDue[];
  readonly last: LastGiven | null;
  readonly draft: ReportDraft;
  /** ISO day. */
  readonly today: string;
  readonly wording: RecordWording;
}

export interface Report extends Omit<PageDraft, 'homework'> {
  /** What the record says, with the empty ones. */
  readonly findings: readonly string[];
}

function homeworkText(homework: readonly HomeworkDue[]): string {
  const done = homework.filter(({ isDone }) => isDone).length;
  return homework.length === 0 ? '' : homeworkWords(done, homework.length);
}

/** Returns the report of a player as the record makes it, with what the coach wrote over it. */
export function reportOf(
  { goals }: Pick<HeldPlayer, 'goals'>,
  { record, homework, last, draft, today, wording }: ReportAsked,
): Report {
  const said = recordForPlayer(record, goalsOf(goals, record, today), wording);
  const agreed = last?.nextLook.slice(0, 10) ?? '';
  const madeLook = agreed > today ? agreed : addDaysIso(today, PAGE_DEFAULTS.daysToNextLook);
  const findings = written(draft.findings, said?.words ?? [], FINDINGS_AT_MOST);
  const points = written(draft.points, last?.points ?? [], PAGE_DEFAULTS.points);
  const nextLook = draft.nextLook ?? madeLook;
  const content: PageContent = {
    period: periodOf(draft, today),
    record: said === null ? null : { ...said, words: findings.filter(isSaid) },
    expect: homeworkText(homework),
    numbers: reportNumbers(record, wording),
    slants: reportSlants(record),
    points: points.filter(isSaid),
    nextLook,
    words: draft.words ?? null,
    stations: [],
    homework: [],
  };
  return { content, findings, points, nextLook };
}
