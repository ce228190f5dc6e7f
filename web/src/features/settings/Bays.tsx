import { Plus } from 'lucide-react';
import { useState } from 'react';
import { addBay, changeBay, removeBay, useBayToken, useBays } from '../../api/bays.ts';
import type { Bay } from '../../api/client.ts';
import { Button } from '../../ui/Button.tsx';
import { TextField } from '../../ui/Field.tsx';
import { ForCoach } from '../../ui/ForCoach.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { ShownToken } from '../../ui/ShownToken.tsx';
import { momentText } from '../../ui/day-text.ts';

/** A bay's token: made, told once, ended. */
function Token({ bay }: { bay: Bay }) {
  const { make, end } = useBayToken(bay.id);
  const trouble = make.error ?? end.error;
  return (
    <div className="space-y-2">
      <p className="text-soft">
        {bay.tokenAt === null
          ? 'No monitor may send here: it has no token.'
          : `Its token was made ${momentText(bay.tokenAt)}.`}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button disabled={make.isPending} onClick={() => make.mutate()}>
          {bay.tokenAt === null ? 'Make its token' : 'Make another: this one ends'}
        </Button>
        {bay.tokenAt !== null && (
          <Button look="quiet" disabled={end.isPending} onClick={() => end.mutate()}>
            End it
          </Button>
        )}
      </div>
      {trouble !== null && <Notice>{trouble.message}</Notice>}
      {make.data !== undefined && (
        <ShownToken
          token={make.data.token}
          address={`${window.location.origin}${make.data.path}`}
        />
      )}
    </div>
  );
}

function OneBay({ bay }: { bay: Bay }) {
  const [name, setName] = useState(bay.name);
  return (
    <li className="space-y-2 border-t border-line py-3">
      <form
        className="flex max-w-md items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (name.trim() !== '') changeBay(bay, { name: name.trim() });
        }}
      >
        <TextField
          label="Called"
          value={name}
          maxLength={60}
          onChange={({ target }) => setName(target.value)}
        />
        <Button type="submit">Rename</Button>
      </form>
      <Token bay={bay} />
      <Button look="quiet" onClick={() => removeBay(bay)}>
        Take it away
      </Button>
    </li>
  );
}

/** Bays whose monitors send their balls by themselves. */
export function Bays() {
  const { data: bays, error } = useBays(false);
  return (
    <ForCoach>
      <section id="bays" aria-label="Bays" className="mt-8 border-t border-line pt-4">
        <h2 className="text-xl">Bays</h2>
        <p className="mb-3 text-soft">
          A monitor, or a program beside it, that posts its balls gets a bay and a token. How a
          message looks stands in docs/live.md. In Watch one tap sends a bay’s balls to a lesson.
        </p>
        {error !== null && <Notice>{error.message}</Notice>}
        <ul>
          {bays?.map((bay) => (
            <OneBay key={bay.id} bay={bay} />
          ))}
        </ul>
        <Button onClick={() => addBay(`Bay ${(bays?.length ?? 0) + 1}`)}>
          <Plus aria-hidden size={16} /> A new bay
        </Button>
      </section>
    </ForCoach>
  );
}
