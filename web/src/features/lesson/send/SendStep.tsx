import { FileDown, Repeat, RotateCcw } from 'lucide-react';
import { useNavigate } from 'react-router';
import type { Lesson } from '../../../api/client.ts';
import { useAccount } from '../../../api/account.ts';
import { Button } from '../../../ui/Button.tsx';
import { HistoryList } from '../../../ui/HistoryList.tsx';
import { DateField } from '../../../ui/DateField.tsx';
import { LiveText } from '../../../ui/LiveText.tsx';
import { OwnWords } from '../../../ui/OwnWords.tsx';
import { PagePreview } from '../../../ui/PagePreview.tsx';
import { savePdf } from '../../../ui/save-pdf.ts';
import { dayOf, instantAt, timeOf } from '../../../ui/academy-time.ts';
import { dayText } from '../../../ui/day-text.ts';
import type { StepProps } from '../lesson-work.ts';
import { useLessonScreen } from '../lesson-store.ts';
import { savePart } from '../parts.ts';
import { BLANK_PARTS, partOf, unitsOf } from '@loxos/core';
import type { SendPart } from '@loxos/core';
import { Homework } from './Homework.tsx';
import { Share } from '../../../ui/Share.tsx';
import { usePageDraft } from './usePageDraft.ts';
import { repeatLesson } from '../repeat-lesson.ts';

function NextVisit({ lesson, date }: { lesson: Lesson; date: string }) {
  const navigate = useNavigate();
  const book = (): void => {
    const id = repeatLesson(lesson, instantAt(date.slice(0, 10), timeOf(lesson.startsAt)));
    void navigate(`/lessons/${id}/set`);
  };
  return (
    <Button onClick={book}>
      <Repeat aria-hidden size={16} /> Repeat this lesson on {dayText(date)}
    </Button>
  );
}

/** Returns whether anything of the page is not as the lesson makes it. */
const isWrittenOver = ({ homework, nextLook, isRecordShown, points }: SendPart): boolean =>
  homework !== null || nextLook !== null || !isRecordShown || points.some((text) => text !== null);

interface PointsProps {
  readonly points: readonly string[];
  readonly onWrite: (index: number, text: string) => void;
}

const Points = ({ points, onWrite }: PointsProps) =>
  points.map((point, index) => (
    <LiveText
      key={index}
      label={index === 0 ? 'First point' : 'Second point'}
      rows={2}
      value={point}
      onChange={(text) => onWrite(index, text)}
    />
  ));

interface RecordShownProps {
  readonly isShown: boolean;
  readonly set: (changes: Partial<SendPart>) => void;
}

function RecordShown({ isShown, set }: RecordShownProps) {
  return (
    <label className="flex min-h-11 items-center gap-3">
      <input
        type="checkbox"
        className="size-6"
        checked={isShown}
        onChange={(event) => set({ isRecordShown: event.target.checked })}
      />
      Their record at the end, in words and one picture
    </label>
  );
}

/** The player’s page: made from the lesson, changed as the coach likes, given by link or as PDF. */
export function SendStep({ lesson, worked }: Pick<StepProps, 'lesson' | 'worked'>) {
  const value = partOf(lesson, 'send');
  const { points, homework, nextLook, content } = usePageDraft(lesson, worked);
  const club = useLessonScreen((state) => state.club);
  const academy = useAccount()?.academy ?? '';
  const set = (changes: Partial<SendPart>): void =>
    savePart(lesson, 'send', { ...value, ...changes }, 'the page');
  const setPoint = (index: number, text: string): void =>
    set({ points: [0, 1].map((i) => (i === index ? text : (value.points[i] ?? null))) });
  const { name: playerName, hand, lengthUnit: unit } = lesson.player;
  const pdf = (): void =>
    savePdf(content, { playerName, academy, date: dayOf(lesson.startsAt), hand, unit });
  return (
    <div className="mx-auto grid max-w-[1400px] gap-5 px-3 py-3 lg:grid-cols-2 lg:px-4">
      <div className="min-w-0 space-y-4">
        <p className="text-lg">
          Two points at most. Made from the lesson, and it follows the lesson until you write your
          own.
        </p>
        <Points points={points} onWrite={setPoint} />
        <Share
          of={{ lessonId: lesson.id, playerId: lesson.player.id, club }}
          pages={lesson.pages}
          trouble={content.points.length === 0 ? 'Write at least one point first.' : null}
        />
        <OwnWords document={value.words} onChange={(words) => set({ words })} />
        <Homework lines={homework} onChange={(lines) => set({ homework: lines })} />
        <RecordShown isShown={value.isRecordShown} set={set} />
        <div className="max-w-72">
          <DateField
            label="Next look"
            value={nextLook.slice(0, 10)}
            onChange={(next) => set({ nextLook: next })}
          />
        </div>
        <div className="flex flex-wrap gap-2">
          <Button onClick={pdf}>
            <FileDown aria-hidden size={16} /> PDF
          </Button>
          <NextVisit lesson={lesson} date={nextLook} />
          {isWrittenOver(value) && (
            <Button look="quiet" onClick={() => set({ ...BLANK_PARTS.send, words: value.words })}>
              <RotateCcw aria-hidden size={16} /> As the lesson makes it
            </Button>
          )}
        </div>
        <HistoryList of={{ lessonId: lesson.id }} units={unitsOf(lesson.player)} />
      </div>
      <PagePreview content={content} hand={hand} unit={unit} />
    </div>
  );
}
