import {
  CLUB_KINDS,
  DRILLS,
  HANDS,
  stationCard,
  asDrill,
  askWithin,
  layoutFor,
  usualAsk,
  MOVE_LABELS,
} from '@loxos/core';
import type { Ask, ClubKind, Drill, Hand, LengthUnit, StationAsk } from '@loxos/core';
import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { ReactNode } from 'react';
import { useSearchParams } from 'react-router';
import type { OwnDrill } from '../../api/client.ts';
import { useOwnDrills } from '../../api/queries.ts';
import { AskDials, dialsOf } from '../../ui/AskDials.tsx';
import { Button } from '../../ui/Button.tsx';
import { Segments } from '../../ui/Segments.tsx';
import { removeDrill } from '../../sync/actions.ts';
import { ForCoach } from '../../ui/ForCoach.tsx';
import { OwnDrillForm } from './OwnDrillForm.tsx';
import { PegReader } from './PegReader.tsx';
import { StationView } from '../../ui/StationView.tsx';
import { useIsNarrow } from '../../ui/use-narrow.ts';

function effectWords({ movesPath, movesFace, serves }: Drill): string {
  const parts = [
    movesPath > 0 && 'path in-to-out',
    movesPath < 0 && 'path out-to-in',
    movesFace > 0 && 'face open',
    movesFace < 0 && 'face closed',
    serves.length > 0 && `for ${serves.map((move) => MOVE_LABELS[move]).join(', ')}`,
  ].filter((part) => part !== false);
  return parts.join(', ');
}

const ASK_KEYS: Readonly<Record<Ask, string>> = {
  pathDeg: 'path',
  faceDeg: 'face',
  startDeg: 'start',
};

interface DrillListProps {
  readonly drills: readonly Drill[];
  readonly chosenId: string;
  readonly onChoose: (id: string) => void;
}

function DrillList({ drills, chosenId, onChoose }: DrillListProps) {
  return (
    <ul className="max-h-[70vh] overflow-y-auto">
      {drills.map((drill) => (
        <li key={drill.id}>
          <button
            type="button"
            aria-current={drill.id === chosenId}
            onClick={() => onChoose(drill.id)}
            className="min-h-11 w-full rounded-lg px-3 py-1 text-left hover:bg-line/30 aria-[current=true]:bg-ink aria-[current=true]:text-paper"
          >
            <span className="block font-semibold">{drill.name}</span>
            <span className="block text-sm">{effectWords(drill)}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}

interface StationSetting {
  readonly hand: Hand;
  readonly kind: ClubKind;
  readonly unit: LengthUnit;
}

/** Whom a station is laid for, and in which unit. */
function SetFor({
  hand,
  kind,
  unit,
  say,
}: StationSetting & { readonly say: (key: string, value: string) => void }) {
  return (
    <div className="grid grid-cols-2 gap-2 lg:grid-cols-1">
      <Segments<Hand>
        legend="Hand"
        options={[
          ['left', 'Left'],
          ['right', 'Right'],
        ]}
        value={hand}
        onChange={(v) => say('hand', v)}
      />
      <Segments<ClubKind>
        legend="Club"
        options={CLUB_KINDS.map((k) => [k, k] as const)}
        value={kind}
        onChange={(v) => say('club', v)}
      />
      <Segments<LengthUnit>
        legend="Distances"
        options={[
          ['m', 'cm and m'],
          ['yd', 'inches and feet'],
        ]}
        value={unit}
        onChange={(v) => say('unit', v)}
      />
    </div>
  );
}

/** Returns how a drill's station is laid, as the address has it. */
function useStation(drill: Drill) {
  const [params, setParams] = useSearchParams();
  const say = (key: string, value: string): void => {
    const next = new URLSearchParams(params);
    next.set(key, value);
    setParams(next, { replace: true });
  };
  const usual = usualAsk(drill);
  const askAt = (name: Ask): number => {
    const value = Number(params.get(ASK_KEYS[name]) ?? usual[name]);
    return Number.isFinite(value) ? value : usual[name];
  };
  const ask = askWithin(drill, {
    pathDeg: askAt('pathDeg'),
    faceDeg: askAt('faceDeg'),
    startDeg: askAt('startDeg'),
  });
  const turn = (to: StationAsk): void => {
    const next = new URLSearchParams(params);
    for (const { name } of dialsOf(drill)) next.set(ASK_KEYS[name], String(to[name]));
    setParams(next, { replace: true });
  };
  /** Another drill is laid as usual. */
  const choose = (id: string): void => {
    const next = new URLSearchParams(params);
    for (const key of Object.values(ASK_KEYS)) next.delete(key);
    next.set('drill', id);
    setParams(next, { replace: true });
  };
  const hand: Hand = HANDS.find((h) => h === params.get('hand')) ?? 'right';
  const kind: ClubKind = CLUB_KINDS.find((k) => k === params.get('club')) ?? 'iron';
  const unit: LengthUnit = params.get('unit') === 'yd' ? 'yd' : 'm';
  return { ask, hand, kind, unit, say, turn, choose };
}

interface LaidDrillProps extends StationSetting {
  readonly drill: Drill;
  /** As it was made here; of the catalogue's there is none. */
  readonly own: OwnDrill | undefined;
  readonly ask: StationAsk;
  readonly turn: (to: StationAsk) => void;
}

function LaidDrill({ drill, own, hand, kind, unit, ask, turn }: LaidDrillProps) {
  return (
    <article aria-label={drill.name} className="space-y-3">
      <h2 className="text-2xl">{drill.name}</h2>
      {drill.notFor.length > 0 && (
        <p className="text-lg text-look">▲ Not for a player with: {drill.notFor.join(', ')}.</p>
      )}
      <StationView
        card={stationCard(drill, { hand, kind, ...ask }, false)}
        unit={unit}
        {...(dialsOf(drill).some(({ name }) => name === 'pathDeg') && {
          onPath: (pathDeg: number) => turn(askWithin(drill, { ...ask, pathDeg })),
        })}
      />
      {own !== undefined && (
        <ForCoach>
          <Button onClick={() => removeDrill(own)}>
            <Trash2 aria-hidden size={16} /> Take this drill away
          </Button>
        </ForCoach>
      )}
    </article>
  );
}

/** What stands open beside the drawing on a desk, and folded below it where there is one column. */
function Folded({ summary, children }: { readonly summary: string; readonly children: ReactNode }) {
  if (!useIsNarrow('one column')) return children;
  return (
    <details>
      <summary className="min-h-11 cursor-pointer text-lg font-semibold">{summary}</summary>
      {children}
    </details>
  );
}

/** Every drill with its station, set for a hand, a club and an angle. */
export function YardPage() {
  const [params] = useSearchParams();
  const [adding, setAdding] = useState(false);
  const own = useOwnDrills().data ?? [];
  const all = [...DRILLS, ...own.map(asDrill)];
  const chosen =
    all.find(({ id }) => id === params.get('drill')) ?? all.find(({ id }) => id === 'two-gates')!;
  const { ask, hand, kind, unit, say, turn, choose } = useStation(chosen);
  return (
    <div className="mx-auto grid max-w-[1400px] gap-4 px-4 py-4 lg:grid-cols-[17rem_1fr_17rem]">
      <nav aria-label="Drills" className="space-y-1 max-lg:order-1">
        <h1 className="text-2xl max-lg:sr-only">Yard</h1>
        <Folded summary="Every drill">
          <DrillList drills={all} chosenId={chosen.id} onChoose={choose} />
        </Folded>
        <ForCoach>
          <Button onClick={() => setAdding(true)}>
            <Plus aria-hidden size={16} /> A drill of your own
          </Button>
        </ForCoach>
      </nav>
      <LaidDrill
        drill={chosen}
        own={own.find((one) => one.id === chosen.id)}
        {...{ hand, kind, unit, ask, turn }}
      />
      <section aria-label="Set for" className="space-y-2 max-lg:order-1">
        <SetFor {...{ hand, kind, unit, say }} />
        <AskDials drill={chosen} ask={ask} onTurn={turn} />
        <PegReader
          key={`${chosen.id} ${kind}`}
          drill={chosen}
          layout={layoutFor(chosen, { hand, kind, ...ask })}
          hand={hand}
          unit={unit}
          onPath={(pathDeg) => turn(askWithin(chosen, { ...ask, pathDeg }))}
        />
      </section>
      <OwnDrillForm open={adding} hand={hand} onClose={() => setAdding(false)} onMade={choose} />
    </div>
  );
}
