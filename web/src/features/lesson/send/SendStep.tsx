import { HEAD_LENGTH_M, composePage, drillBy, findClub } from '@loxos/core';
import type { ReadBlock } from '@loxos/core';
import { addDays, format, parseISO } from 'date-fns';
import { Copy, FileDown, Link2, Plus, Repeat, Trash2 } from 'lucide-react';
import { Suspense, lazy, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import type { Lesson, PageContent } from '../../../api/client.ts';
import {
  useHealth,
  useOwnDrills,
  useRepeatLesson,
  useSharePage,
  useWithdrawPage,
} from '../../../api/queries.ts';
import { Button } from '../../../ui/Button.tsx';
import { TextField } from '../../../ui/Field.tsx';
import { Notice } from '../../../ui/Notice.tsx';
import type { LessonReading } from '../../../workers/reading.worker.ts';
import { PageBody, dayText } from '../../../page/PageBody.tsx';
import { Changes } from './Changes.tsx';
import { judgedOf, useLessonPlan } from '../lesson-work.ts';
import { partOf, savePart } from '../parts.ts';
import { askOf } from '../station-ask.ts';
import type { SendValue } from '../parts.ts';
import { wordingOf } from '../wording.ts';

const RichEditor = lazy(() => import('./RichEditor.tsx'));
/** Days a link lasts unless the coach says otherwise. */
const LINK_DAYS = 30;

function slantOf(block: ReadBlock, label: string): PageContent['slants'] {
  const { faceAngleDeg: face, clubPathDeg: path } = block.figures;
  return face === undefined || path === undefined
    ? []
    : [{ label, faceAngleDeg: face.mean, clubPathDeg: path.mean }];
}

/** What the lesson says for the page, and the page as the coach has it. */
function usePageContent(
  lesson: Lesson,
  reading: LessonReading | null,
): { value: SendValue; content: PageContent } {
  const { planned, own, bands } = useLessonPlan(lesson, reading);
  const plan = planned?.plan ?? null;
  const stage = planned?.work.stage ?? null;
  const work = partOf(lesson, 'work');
  const judged = useMemo(
    () => judgedOf(lesson, reading, planned, bands),
    [lesson, reading, planned, bands],
  );
  const page = composePage({
    hand: lesson.player.hand,
    plan,
    stage,
    trace: planned?.work.trace ?? null,
    drills: work.drillIds.flatMap((id) => drillBy(id, own) ?? []),
    judged: judged?.judged ?? null,
    units: wordingOf(lesson.player).units,
    date: format(new Date(lesson.startsAt), 'yyyy-MM-dd'),
  });
  const value = partOf(lesson, 'send') ?? {
    points: page.points,
    homework: page.homework,
    nextLook: page.nextLook,
    words: null,
  };
  const kind = findClub(plan?.club)?.kind ?? 'iron';
  const content: PageContent = {
    points: value.points.filter((point) => point.trim() !== ''),
    expect: page.expect,
    numbers: [...page.numbers],
    slants:
      judged === null
        ? []
        : [...slantOf(judged.before, 'Before'), ...slantOf(judged.after, 'After')],
    stations: work.drillIds.slice(0, 4).map((drillId) => ({
      drillId,
      headLengthM: HEAD_LENGTH_M[kind],
      ...askOf(work, drillId, stage, lesson.player.hand),
    })),
    homework: value.homework.map(({ date, what }) => ({ date, what })),
    nextLook: value.nextLook,
    words: value.words,
  };
  return { value, content };
}

function Homework({
  value,
  set,
}: {
  value: SendValue;
  set: (changes: Partial<SendValue>) => void;
}) {
  const change = (index: number, line: SendValue['homework'][number]): void =>
    set({ homework: value.homework.map((old, i) => (i === index ? line : old)) });
  const add = (): void => {
    const last = value.homework.at(-1)?.date ?? format(new Date(), 'yyyy-MM-dd');
    set({
      homework: [
        ...value.homework,
        { date: format(addDays(parseISO(last), 2), 'yyyy-MM-dd'), what: '' },
      ],
    });
  };
  return (
    <fieldset className="space-y-2">
      <legend className="mb-1 font-semibold">Homework</legend>
      {value.homework.map((line, index) => (
        <div
          key={`${index} ${line.date} ${line.what}`}
          className="grid grid-cols-[9.5rem_1fr_2.75rem] gap-2"
        >
          <input
            type="date"
            aria-label={`Day of homework ${index + 1}`}
            defaultValue={line.date}
            onBlur={(event) =>
              event.target.value !== '' &&
              event.target.value !== line.date &&
              change(index, { ...line, date: event.target.value })
            }
            className="min-h-11 rounded-lg border border-faint bg-paper px-2"
          />
          <input
            aria-label={`Homework ${index + 1}`}
            defaultValue={line.what}
            onBlur={(event) =>
              event.target.value !== line.what &&
              change(index, { ...line, what: event.target.value })
            }
            className="min-h-11 rounded-lg border border-faint bg-paper px-3"
          />
          <button
            type="button"
            aria-label={`Take homework ${index + 1} away`}
            onClick={() => set({ homework: value.homework.filter((_, i) => i !== index) })}
            className="inline-flex size-11 items-center justify-center rounded-lg hover:bg-line/40"
          >
            <Trash2 aria-hidden size={18} />
          </button>
        </div>
      ))}
      <Button onClick={add}>
        <Plus aria-hidden size={16} /> A day
      </Button>
    </fieldset>
  );
}

function Share({ lesson, content }: { lesson: Lesson; content: PageContent }) {
  const share = useSharePage(lesson.id);
  const withdraw = useWithdrawPage(lesson.id);
  const [days, setDays] = useState(String(LINK_DAYS));
  const link = share.data === undefined ? null : `${window.location.origin}/p/${share.data.token}`;
  const copy = (): void => {
    void navigator.clipboard.writeText(link ?? '').then(
      () => toast('The link is copied'),
      () => toast.error('The browser did not let the link be copied: mark it and copy it.'),
    );
  };
  return (
    <section
      aria-label="The player’s link"
      className="space-y-2 rounded-xl border border-line bg-sheet p-4"
    >
      <h2 className="text-xl">The player’s link</h2>
      <div className="flex items-end gap-2">
        <div className="w-40">
          <TextField
            label="Lasts, days"
            inputMode="numeric"
            value={days}
            onChange={(event) => setDays(event.target.value)}
          />
        </div>
        <Button
          look="main"
          disabled={share.isPending || !/^\d{1,3}$/.test(days) || content.points.length === 0}
          onClick={() => share.mutate({ content, days: Number(days) })}
        >
          <Link2 aria-hidden size={16} /> Make the link
        </Button>
      </div>
      {content.points.length === 0 && (
        <p className="text-look">▲ Write at least one point first.</p>
      )}
      {share.error !== null && <Notice>{share.error.message}</Notice>}
      {link !== null && (
        <div
          role="status"
          className="flex flex-wrap items-center gap-2 rounded-lg border-2 border-ink p-2"
        >
          <a
            href={link}
            target="_blank"
            rel="noreferrer"
            className="min-w-0 flex-1 font-mono text-sm break-all underline"
          >
            {link}
          </a>
          <Button onClick={copy}>
            <Copy aria-hidden size={16} /> Copy
          </Button>
          <p className="w-full text-sm text-soft">
            It is shown only now; it cannot be guessed, and it is not kept here.
          </p>
        </div>
      )}
      <ul>
        {lesson.pages.map((page) => (
          <li key={page.id} className="flex flex-wrap items-center gap-2">
            <span className="mr-auto">
              Given {dayText(page.createdAt)},{' '}
              {page.withdrawnAt === null ? `until ${dayText(page.expiresAt)}` : 'withdrawn'};{' '}
              {page.ticked.length} of the homework ticked
            </span>
            {page.withdrawnAt === null && (
              <Button onClick={() => withdraw.mutate(page.id)}>Withdraw</Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function NextVisit({ lesson, date }: { lesson: Lesson; date: string }) {
  const repeat = useRepeatLesson(lesson.id);
  const navigate = useNavigate();
  const time = format(new Date(lesson.startsAt), 'HH:mm');
  const book = (): void =>
    repeat.mutate(new Date(`${date.slice(0, 10)}T${time}`).toISOString(), {
      onSuccess: ({ id }) => void navigate(`/lessons/${id}/set`),
    });
  return (
    <Button onClick={book}>
      <Repeat aria-hidden size={16} /> Repeat this lesson on {dayText(date)}
    </Button>
  );
}

/** The player's page: made from the lesson, changed as the coach likes, given by link or as PDF. */
export function SendStep({ lesson, reading }: { lesson: Lesson; reading: LessonReading | null }) {
  const { value, content } = usePageContent(lesson, reading);
  const own = useOwnDrills().data ?? [];
  const academy = useHealth().data?.academy ?? '';
  const set = (changes: Partial<SendValue>): void =>
    savePart(lesson, 'send', { ...value, ...changes }, 'the page');
  const { name: playerName, hand, lengthUnit: unit } = lesson.player;
  const pdf = (): void => {
    void import('../../../page/page-pdf.ts')
      .then(({ savePagePdf }) =>
        savePagePdf(content, { playerName, academy, date: lesson.startsAt, hand, unit, own }),
      )
      .catch(() => toast.error('The PDF could not be made: try again.'));
  };
  return (
    <div className="mx-auto grid max-w-[1400px] gap-5 px-4 py-4 lg:grid-cols-2">
      <div className="space-y-4">
        <p className="text-lg">
          Two points at most, in plain words. Made from the lesson; change what you like.
        </p>
        {[0, 1].map((index) => (
          <TextField
            key={`${index} ${value.points[index] ?? ''}`}
            label={index === 0 ? 'First point' : 'Second point'}
            defaultValue={value.points[index] ?? ''}
            onBlur={(event) =>
              event.target.value !== (value.points[index] ?? '') &&
              set({
                points: [0, 1].map((i) =>
                  i === index ? event.target.value : (value.points[i] ?? ''),
                ),
              })
            }
          />
        ))}
        <Suspense fallback={<p className="text-soft">Opening the editor …</p>}>
          <RichEditor
            label="In your own words"
            document={value.words}
            onChange={(words) =>
              JSON.stringify(words) !== JSON.stringify(value.words) && set({ words })
            }
          />
        </Suspense>
        <Homework value={value} set={set} />
        <TextField
          key={value.nextLook}
          label="Next look"
          type="date"
          defaultValue={value.nextLook.slice(0, 10)}
          onBlur={(event) =>
            event.target.value !== '' &&
            event.target.value !== value.nextLook &&
            set({ nextLook: event.target.value })
          }
        />
        <Share lesson={lesson} content={content} />
        <div className="flex flex-wrap gap-2">
          <Button onClick={pdf}>
            <FileDown aria-hidden size={16} /> PDF
          </Button>
          <NextVisit lesson={lesson} date={value.nextLook} />
        </div>
        <Changes lessonId={lesson.id} />
      </div>
      <section
        aria-label="What the player will see"
        className="rounded-xl border-2 border-line bg-paper p-4"
      >
        <p className="mb-3 text-sm text-soft">What the player will see</p>
        <PageBody content={content} hand={hand} unit={unit} own={own} />
      </section>
    </div>
  );
}
