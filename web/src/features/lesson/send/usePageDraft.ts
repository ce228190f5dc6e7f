import { composePage, drillBy, findClub, stationCard } from '@loxos/core';
import type { ReadBlock } from '@loxos/core';
import type { Lesson, PageContent } from '../../../api/client.ts';
import type { Worked } from '../lesson-work.ts';
import { partOf } from '../parts.ts';
import type { SendValue } from '../parts.ts';
import { askOf } from '../station-ask.ts';
import { dayOf } from '../../../ui/academy-time.ts';
import { usePageRecord } from '../../../ui/use-page-record.ts';

/** Stations of a page: more are never done. */
const MOST_STATIONS = 4;

function slantOf(block: ReadBlock, label: string): PageContent['slants'] {
  const { faceAngleDeg: face, clubPathDeg: path } = block.figures;
  return face === undefined || path === undefined
    ? []
    : [{ label, faceAngleDeg: face.mean, clubPathDeg: path.mean }];
}

export interface PageDraft {
  /** What the coach wrote over it. */
  readonly value: SendValue;
  /** The two points, the homework and the next look as they stand: written over, or as made. */
  readonly points: readonly [string, string];
  readonly homework: PageContent['homework'];
  readonly nextLook: string;
  readonly content: PageContent;
}

/** The page as the lesson makes it now, with what the coach wrote over it. */
export function usePageDraft(lesson: Lesson, worked: Worked): PageDraft {
  const { found, own, gently, wording } = worked;
  const stage = found?.work.stage ?? null;
  const work = partOf(lesson, 'work');
  const value = partOf(lesson, 'send');
  const { hand } = lesson.player;
  const drills = found?.pageDrills ?? work.drillIds.flatMap((id) => drillBy(id, own) ?? []);
  const page = composePage({
    findings: found,
    drills,
    gently,
    wording,
    date: dayOf(lesson.startsAt),
  });
  const judged = found?.verdict ?? null;
  const pointAt = (index: number): string => value.points[index] ?? page.points[index] ?? '';
  const points = [pointAt(0), pointAt(1)] as const;
  const homework = [...(value.homework ?? page.homework)].map(({ date, what }) => ({ date, what }));
  const nextLook = value.nextLook ?? page.nextLook;
  const kind = findClub(worked.club?.group.club)?.kind ?? 'iron';
  const record = usePageRecord(lesson.player, kind);
  const stations = drills
    .slice(0, MOST_STATIONS)
    .map((drill) => stationCard(drill, { hand, kind, ...askOf(work, drill, stage, hand) }, gently));
  const content: PageContent = {
    points: points.filter((point) => point.trim() !== ''),
    expect: page.expect,
    numbers: [...page.numbers],
    slants:
      judged === null
        ? []
        : [...slantOf(judged.before, 'Before'), ...slantOf(judged.after, 'After')],
    stations: JSON.parse(JSON.stringify(stations)) as PageContent['stations'],
    homework,
    nextLook,
    words: value.words,
    record: value.isRecordShown ? record : null,
  };
  return { value, points, homework, nextLook, content };
}
