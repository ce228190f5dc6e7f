import { partWords } from '@loxos/core';
import type { FilePart } from '@loxos/core';
import { usePlayers } from '../../../../api/queries.ts';
import { ballsText } from '../../../../ui/balls-text.ts';
import { SelectField } from '../../../../ui/Field.tsx';

/** Where a part of a file goes: this lesson, nowhere, a new lesson of a player's, or of somebody new. */
export type PartPlace = 'here' | 'out' | 'new' | (string & {});

interface PartsProps {
  /** Why it is asked. */
  readonly text: string;
  readonly parts: readonly FilePart[];
  readonly places: Readonly<Record<string, PartPlace>>;
  readonly onPlace: (key: string, place: PartPlace) => void;
}

/** Whose balls a file holds: each part goes to a lesson before anything is stored. */
export function Parts({ text, parts, places, onPlace }: PartsProps) {
  const players = usePlayers().data ?? [];
  return (
    <section aria-label="Parts of the file" className="border-t border-line py-3">
      <h3 className="font-semibold">{text}</h3>
      <ul>
        {parts.map((part) => (
          <li
            key={part.key}
            className="grid items-center gap-2 py-1 sm:grid-cols-[minmax(0,1fr)_minmax(0,20rem)]"
          >
            <p>
              {partWords(part)} <span className="text-soft">{ballsText(part.ballCount)}</span>
            </p>
            <SelectField
              label={`Where the balls of ${partWords(part)} go`}
              isLabelHidden
              options={[
                ['', 'choose where they go'],
                ['here', 'This lesson'],
                ['out', 'Nowhere: leave them out'],
                ...(part.player === '' ? [] : [['new', `A new player, ${part.player}`] as const]),
                ...players.map(({ id, name }) => [id, `A new lesson of ${name}`] as const),
              ]}
              value={places[part.key] ?? ''}
              onChange={({ target }) => onPlace(part.key, target.value)}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}
