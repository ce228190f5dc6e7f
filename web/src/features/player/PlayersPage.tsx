import { Plus } from 'lucide-react';
import { useNavigate, useSearchParams } from 'react-router';
import { useMay } from '../../api/account.ts';
import { usePlayers, useStandings } from '../../api/queries.ts';
import { addPlayer } from '../../sync/actions.ts';
import { Button } from '../../ui/Button.tsx';
import { Modal } from '../../ui/Modal.tsx';
import { Empty, Trouble } from '../../ui/Notice.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { Whose } from '../../ui/Whose.tsx';
import { useIsMine } from '../../ui/use-is-mine.ts';
import { MovedOverAll } from './MovedOverAll.tsx';
import { PlayerForm, bodyOf } from './PlayerForm.tsx';
import { PlayerRow } from './PlayerRow.tsx';
import { SORTS, SORT_WORDS, isFound, shownStanding, sortPlayers } from './sort-players.ts';

/** Players from which it is worth looking for one by name. */
const MANY = 8;

interface OrderAndFindProps {
  readonly sort: (typeof SORTS)[number];
  readonly text: string;
  readonly isMany: boolean;
  readonly set: (name: string, value: string) => void;
}

function OrderAndFind({ sort, text, isMany, set }: OrderAndFindProps) {
  return (
    <div className="mb-3 flex flex-wrap items-center gap-x-4 gap-y-2">
      <Segments
        legend="Order"
        isLegendHidden
        value={sort}
        options={SORTS.map((one) => [one, SORT_WORDS[one]] as const)}
        onChange={(next) => set('sort', next)}
      />
      {isMany && (
        <input
          type="search"
          aria-label="Find a player"
          placeholder="Name or aim"
          value={text}
          onChange={({ target }) => set('find', target.value)}
          className="min-h-11 w-48 rounded-lg border border-faint bg-sheet px-3"
        />
      )}
    </div>
  );
}

function NewPlayer({ isOpen, onClose }: { isOpen: boolean; onClose: () => void }) {
  const navigate = useNavigate();
  return (
    <Modal title="New player" open={isOpen} onClose={onClose}>
      <PlayerForm
        player={null}
        onSave={(values) => void navigate(`/players/${addPlayer(bodyOf(values))}`)}
      />
    </Modal>
  );
}

export function PlayersPage() {
  const { data, error } = usePlayers();
  const mayPlan = useMay('plan');
  const isMine = useIsMine();
  const standings = useStandings();
  const [params, setParams] = useSearchParams();
  const adding = params.has('new');
  const sort = SORTS.find((one) => one === params.get('sort')) ?? 'name';
  const text = params.get('find') ?? '';
  const own = data?.filter(isMine) ?? [];
  const players = sortPlayers(
    own.filter((player) => isFound(player, text)),
    standings,
    sort,
  );
  const set = (name: string, value: string): void =>
    setParams({ ...Object.fromEntries(params), [name]: value }, { replace: true });
  if (error !== null) return <Trouble error={error} />;
  const add = mayPlan && (
    <Button look="main" onClick={() => setParams({ new: '' })}>
      <Plus aria-hidden size={18} /> New player
    </Button>
  );
  return (
    <div className="mx-auto max-w-5xl px-4 py-5">
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
        <>
          <OrderAndFind {...{ sort, text, set }} isMany={own.length > MANY} />
          <ul className="space-y-2">
            {players.map((player) => (
              <PlayerRow
                key={player.id}
                player={player}
                standing={shownStanding(standings.get(player.id), sort)}
              />
            ))}
          </ul>
          {own.length > 0 && players.length === 0 && (
            <p className="text-soft">Nobody by that name or aim.</p>
          )}
          <MovedOverAll />
        </>
      )}
      <NewPlayer isOpen={adding} onClose={() => setParams({})} />
    </div>
  );
}
