import { Plus } from 'lucide-react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { useMay } from '../../api/account.ts';
import { usePlayers } from '../../api/queries.ts';
import { meetPlayer } from '../../sync/things.ts';
import { Button } from '../../ui/Button.tsx';
import { Modal } from '../../ui/Modal.tsx';
import { Empty, Trouble } from '../../ui/Notice.tsx';
import { Whose } from '../../ui/Whose.tsx';
import { useIsMine } from '../../ui/use-is-mine.ts';
import { PlayerForm, bodyOf } from './PlayerForm.tsx';

export function PlayersPage() {
  const { data, error } = usePlayers();
  const mayPlan = useMay('plan');
  const isMine = useIsMine();
  const players = data?.filter(isMine);
  const navigate = useNavigate();
  const [params, setParams] = useSearchParams();
  const adding = params.has('new');
  if (error !== null) return <Trouble error={error} />;
  const add = mayPlan && (
    <Button look="main" onClick={() => setParams({ new: '' })}>
      <Plus aria-hidden size={18} /> New player
    </Button>
  );
  return (
    <div className="mx-auto max-w-3xl px-4 py-5">
      <div className="mb-4 flex items-center gap-2">
        <h1 className="mr-auto text-2xl">Players</h1>
        <Whose />
        {add}
      </div>
      {data?.length === 0 ? (
        <Empty action={add}>
          The people you coach stand here, each with a hand, units and past lessons.
        </Empty>
      ) : (
        <ul className="space-y-2">
          {players?.map((player) => (
            <li key={player.id}>
              <Link
                to={`/players/${player.id}`}
                className="flex flex-wrap items-baseline gap-x-3 rounded-xl border border-line bg-sheet px-4 py-3 hover:border-ink"
              >
                <span className="text-lg font-semibold">{player.name}</span>
                <span className="text-soft">
                  {player.hand}-handed{player.aims !== '' && ` · ${player.aims}`}
                </span>
              </Link>
            </li>
          ))}
        </ul>
      )}
      <Modal title="New player" open={adding} onClose={() => setParams({})}>
        <PlayerForm
          player={null}
          onSave={(values) => void navigate(`/players/${meetPlayer(bodyOf(values))}`)}
        />
      </Modal>
    </div>
  );
}
