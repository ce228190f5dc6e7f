import { goalWords, homeworkWords, unitsOf } from '@loxos/core';
import { ChartLine, Pencil, Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { ReactNode } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { Given, LessonSummary, Player } from '../../api/client.ts';
import { useMay, usePeople } from '../../api/account.ts';
import { useGivenTo, useLessons, usePlayer } from '../../api/queries.ts';
import { changePlayer, removePlayer } from '../../sync/actions.ts';
import { BodyNotes } from '../../ui/BodyNotes.tsx';
import { Button } from '../../ui/Button.tsx';
import { ForCoach } from '../../ui/ForCoach.tsx';
import { HistoryList } from '../../ui/HistoryList.tsx';
import { Modal } from '../../ui/Modal.tsx';
import { Empty, Trouble } from '../../ui/Notice.tsx';
import { Panel } from '../../ui/Panel.tsx';
import { today } from '../../ui/academy-time.ts';
import { dayText, momentText, shortDay } from '../../ui/day-text.ts';
import { KIND_WORDS } from '../../ui/kind-words.ts';
import { later } from '../../ui/later.tsx';
import { AgeAndConsent } from './AgeAndConsent.tsx';
import { PlayerData } from './PlayerData.tsx';
import { PlayerForm, bodyOf } from './PlayerForm.tsx';
import { WantedFlights } from './WantedFlights.tsx';
import { ballsText } from '../../ui/balls-text.ts';

const LessonForm = later(async () => (await import('../../ui/LessonForm.tsx')).LessonForm);

function EditPlayer({
  player,
  open,
  onClose,
}: {
  player: Player;
  open: boolean;
  onClose: () => void;
}) {
  return (
    <Modal title={player.name} open={open} onClose={onClose}>
      <PlayerForm
        player={player}
        onSave={(values) => {
          changePlayer(player, bodyOf(values));
          onClose();
        }}
      />
    </Modal>
  );
}

function PastLesson({ lesson, given }: { lesson: LessonSummary; given: Given | undefined }) {
  return (
    <Link
      to={`/lessons/${lesson.id}/${lesson.ballCount === 0 ? 'watch' : 'read'}`}
      className="block panel px-4 py-2.5 hover:border-ink"
    >
      <span className="flex flex-wrap items-baseline justify-between gap-x-3">
        <span className="text-lg font-semibold">{momentText(lesson.startsAt)}</span>
        <span className="text-soft">
          {lesson.ballCount === 0 ? 'no balls' : ballsText(lesson.ballCount)}
        </span>
      </span>
      {lesson.asked !== '' && <span className="block">“{lesson.asked}”</span>}
      {given !== undefined && (
        <span className="block text-soft">
          {given.points.join(' ')}
          {given.homeworkDue > 0 && ` ${homeworkWords(given.homeworkDone, given.homeworkDue)}`}
        </span>
      )}
    </Link>
  );
}

/** Where things stand: what was given last, its homework, and the next look. */
function Standing({ given }: { given: Given | undefined }) {
  if (given === undefined) return null;
  return (
    <Panel name="Where it stands" isTitled>
      <ol className="list-decimal pl-6 text-lg">
        {given.points.map((point) => (
          <li key={point}>{point}</li>
        ))}
      </ol>
      <p>
        {homeworkWords(given.homeworkDone, given.homeworkDue)}{' '}
        {given.isHomeworkStopped && 'The last two were missed. '}
        Next look: <b>{dayText(given.nextLook)}</b>.
      </p>
      {given.lastWord !== null && (
        <p>
          Wrote back: “{given.lastWord.text}”{' '}
          <span className="text-soft">{dayText(given.lastWord.at)}</span>
        </p>
      )}
    </Panel>
  );
}

/** What the player works towards; how it goes stands in the record. */
function Goals({ player }: { player: Player }) {
  if (player.goals.length === 0) return null;
  const wording = { hand: player.hand, units: unitsOf(player), dayText: shortDay };
  return (
    <Panel name="Goals" isTitled>
      <ul className="list-disc pl-6">
        {player.goals.map((goal) => (
          <li key={goal.id}>
            <Link to={`/players/${player.id}/record?kind=${goal.kind}&figure=${goal.figure}`}>
              {KIND_WORDS[goal.kind]}: {goalWords({ goal }, wording)}
            </Link>
          </li>
        ))}
      </ul>
    </Panel>
  );
}

/** Takes the player away, with an undo; their lessons and pages go with them. */
function RemovePlayer({ player }: { player: Player }) {
  const navigate = useNavigate();
  const takeAway = (): void => {
    void navigate('/players');
    removePlayer(player);
  };
  return (
    <Button look="quiet" onClick={takeAway}>
      <Trash2 aria-hidden size={16} /> Take {player.name} away
    </Button>
  );
}

/** Who they are and where they stand; for a coach what is kept of them. */
function About({ player, given }: { player: Player; given: Given | undefined }) {
  const mayPlan = useMay('plan');
  const { id: playerId, aims } = player;
  return (
    <div className="flex min-w-0 flex-col gap-3">
      {aims !== '' && <p>Aims: {aims}</p>}
      <BodyNotes player={player} />
      <Standing given={given} />
      <Goals player={player} />
      <ForCoach>
        <WantedFlights player={player} />
      </ForCoach>
      <HistoryList of={{ playerId }} units={unitsOf(player)} />
      {mayPlan && <AgeAndConsent player={player} />}
      {mayPlan && <PlayerData player={player} />}
      {mayPlan && <RemovePlayer player={player} />}
    </div>
  );
}

interface PastLessonsProps {
  readonly lessons: readonly LessonSummary[] | undefined;
  readonly given: readonly Given[];
  readonly add: ReactNode;
}

function PastLessons({ lessons, given, add }: PastLessonsProps) {
  return (
    <div className="min-w-0">
      <h2 className="mb-2 text-xl">Lessons</h2>
      {lessons?.length === 0 ? (
        <Empty action={add}>No lessons yet.</Empty>
      ) : (
        <ul className="space-y-2">
          {lessons?.map((lesson) => (
            <li key={lesson.id}>
              <PastLesson
                lesson={lesson}
                given={given.find(({ lessonId }) => lessonId === lesson.id)}
              />
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

export function PlayerPage() {
  const { playerId = '' } = useParams();
  const player = usePlayer(playerId);
  const lessons = useLessons({ playerId });
  const given = useGivenTo(playerId).data ?? [];
  const people = usePeople().data ?? [];
  const mayPlan = useMay('plan');
  const [open, setOpen] = useState<'edit' | 'lesson' | null>(null);
  if (player.error !== null) return <Trouble error={player.error} />;
  if (player.data === undefined) return <p className="p-6 text-soft">Opening …</p>;
  const { name, hand, lengthUnit, speedUnit, coachId } = player.data;
  const coach = people.find(({ id }) => id === coachId)?.name;
  const addLesson = mayPlan && (
    <Button look="main" onClick={() => setOpen('lesson')}>
      <Plus aria-hidden size={18} /> New lesson
    </Button>
  );
  return (
    <div className="mx-auto max-w-[1200px] px-3 py-4 lg:px-4">
      <div className="mb-4 flex flex-wrap items-center gap-2">
        <div className="mr-auto">
          <h1 className="text-2xl">{name}</h1>
          <p className="text-soft">
            {hand}-handed · {lengthUnit}, {speedUnit}
            {coach !== undefined && ` · ${coach}’s player`}
          </p>
        </div>
        <Link
          to={`/players/${playerId}/record`}
          className="inline-flex min-h-11 items-center gap-2 rounded-lg border border-faint px-4 font-semibold hover:border-ink"
        >
          <ChartLine aria-hidden size={16} /> Record
        </Link>
        {mayPlan && (
          <Button onClick={() => setOpen('edit')}>
            <Pencil aria-hidden size={16} /> Edit
          </Button>
        )}
        {addLesson}
      </div>
      <div className="grid gap-5 lg:grid-cols-[1fr_1.3fr]">
        <About player={player.data} given={given.at(-1)} />
        <PastLessons lessons={lessons.data} given={given} add={addLesson} />
      </div>
      <EditPlayer
        key={`${open}`}
        player={player.data}
        open={open === 'edit'}
        onClose={() => setOpen(null)}
      />
      <LessonForm
        open={open === 'lesson'}
        day={today()}
        playerId={playerId}
        onClose={() => setOpen(null)}
      />
    </div>
  );
}
