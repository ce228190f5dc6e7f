import { CLUB_KINDS, PLAIN_WANTED } from '@loxos/core';
import type { ClubKind, Wanted, WantedByClub } from '@loxos/core';
import type { Player } from '../../api/client.ts';
import { changePlayer } from '../../sync/actions.ts';
import { WantedChoice } from '../../ui/WantedChoice.tsx';

const KIND_WORDS: Readonly<Record<ClubKind, string>> = {
  driver: 'With the driver',
  fairway: 'With fairway woods',
  hybrid: 'With hybrids',
  iron: 'With irons',
  wedge: 'With wedges',
};

/** Returns the wishes with one kind of club's changed; null goes back to the one for all clubs. */
function withKind(wanted: WantedByClub, kind: ClubKind, own: Wanted | null): WantedByClub {
  const { [kind]: _old, ...others } = wanted.kinds ?? {};
  return { ...wanted, kinds: own === null ? others : { ...others, [kind]: own } };
}

/** The flight a player wants: everything in a lesson is held against it, not against zero. */
export function WantedFlights({ player }: { player: Player }) {
  const wanted: WantedByClub = player.wanted;
  const save = (next: WantedByClub): void => changePlayer(player, { wanted: next });
  return (
    <section aria-label="Wanted flight" className="mt-4 panel p-4">
      <h2 className="mb-2 text-xl">Wanted flight</h2>
      <WantedChoice
        legend="With every club"
        value={wanted.all}
        onChange={(all) => save({ ...wanted, all: all ?? PLAIN_WANTED })}
      />
      <details className="mt-3" open={Object.keys(wanted.kinds ?? {}).length > 0}>
        <summary className="min-h-9 cursor-pointer font-semibold">
          Another flight with one kind of club
        </summary>
        <div className="mt-2 space-y-3">
          {CLUB_KINDS.map((kind) => (
            <WantedChoice
              key={kind}
              legend={KIND_WORDS[kind]}
              none="as with every club"
              value={wanted.kinds?.[kind] ?? null}
              onChange={(own) => save(withKind(wanted, kind, own))}
            />
          ))}
        </div>
      </details>
    </section>
  );
}
