import { format } from 'date-fns';
import { Pencil, Plus } from 'lucide-react';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { Player } from '../../api/client.ts';
import { useLessons, usePlayer, useUpdatePlayer } from '../../api/queries.ts';
import { Button } from '../../ui/Button.tsx';
import { Modal } from '../../ui/Modal.tsx';
import { Empty, Trouble } from '../../ui/Notice.tsx';
import { LessonForm } from '../../ui/LessonForm.tsx';
import { PlayerForm, bodyOf } from './PlayerForm.tsx';
import { WantedFlights } from './WantedFlights.tsx';

function EditPlayer({
  player,
  open,
  onClose,
}: {
  player: Player;
  open: boolean;
  onClose: () => void;
}) {
  const update = useUpdatePlayer(player.id);
  return (
    <Modal title={player.name} open={open} onClose={onClose}>
      <PlayerForm
        player={player}
        error={update.error}
        busy={update.isPending}
        onSave={(values) => update.mutate(bodyOf(values), { onSuccess: onClose })}
      />
    </Modal>
  );
}

export function PlayerPage() {
  const { playerId = '' } = useParams();
  const player = usePlayer(playerId);
  const lessons = useLessons({ playerId });
  const [open, setOpen] = useState<'edit' | 'lesson' | null>(null);
  if (player.error !== null) return <Trouble error={player.error} />;
  if (player.data === undefined) return <p className="p-6 text-soft">Opening …</p>;
  const { name, hand, aims, bodyNotes, lengthUnit, speedUnit } = player.data;
  const addLesson = (
    <Button look="main" onClick={() => setOpen('lesson')}>
      <Plus aria-hidden size={18} /> New lesson
    </Button>
  );
  return (
    <div className="mx-auto max-w-3xl px-4 py-5">
      <div className="mb-4 flex flex-wrap items-center gap-2">
        <div className="mr-auto">
          <h1 className="text-2xl">{name}</h1>
          <p className="text-soft">
            {hand}-handed · {lengthUnit}, {speedUnit}
          </p>
        </div>
        <Button onClick={() => setOpen('edit')}>
          <Pencil aria-hidden size={16} /> Edit
        </Button>
        {addLesson}
      </div>
      {aims !== '' && <p className="mb-2">Aims: {aims}</p>}
      {bodyNotes !== '' && <p className="mb-2">▲ Body notes: {bodyNotes}</p>}
      <WantedFlights player={player.data} />
      <h2 className="mt-5 mb-2 text-xl">Lessons</h2>
      {lessons.data?.length === 0 ? (
        <Empty action={addLesson}>No lessons yet.</Empty>
      ) : (
        <ul className="space-y-2">
          {lessons.data?.map((lesson) => (
            <li key={lesson.id}>
              <Link
                to={`/lessons/${lesson.id}/${lesson.ballCount === 0 ? 'watch' : 'read'}`}
                className="flex flex-wrap items-baseline gap-x-3 rounded-xl border border-line bg-sheet px-4 py-3 hover:border-ink"
              >
                <span className="text-lg font-semibold">
                  {format(new Date(lesson.startsAt), 'EEEE d MMMM yyyy, HH:mm')}
                </span>
                <span className="text-soft">
                  {lesson.ballCount} balls{lesson.asked !== '' && ` · “${lesson.asked}”`}
                </span>
              </Link>
            </li>
          ))}
        </ul>
      )}
      <EditPlayer
        key={`${open}`}
        player={player.data}
        open={open === 'edit'}
        onClose={() => setOpen(null)}
      />
      <LessonForm
        open={open === 'lesson'}
        day={new Date()}
        playerId={playerId}
        onClose={() => setOpen(null)}
      />
    </div>
  );
}
