import { CONSENT_KINDS, isMinorOn, isSame, mayOn } from '@loxos/core';
import type { ConsentKind } from '@loxos/core';
import { useState } from 'react';
import { toast } from 'sonner';
import { useConsent, useNoteConsent } from '../../api/consent.ts';
import type { PlayerConsent } from '../../api/consent.ts';
import type { Player } from '../../api/client.ts';
import { Button } from '../../ui/Button.tsx';
import { DateField } from '../../ui/DateField.tsx';
import { TextField } from '../../ui/Field.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { today } from '../../ui/academy-time.ts';
import { shortDay } from '../../ui/day-text.ts';

/** As far back as a day of birth is looked for, years. */
const OLDEST_YEARS = 110;

const KIND_NAMES: Readonly<Record<ConsentKind, string>> = {
  pages: 'Pages behind a link',
  pictures: 'Pictures and clips',
};

/** What is written in the form: a consent is there or not, with its last day or none. */
interface Written {
  readonly bornOn: string;
  readonly isMinor: boolean;
  readonly guardian: string;
  readonly until: Readonly<Partial<Record<ConsentKind, string>>>;
}
const writtenOf = ({ bornOn, isMinor, guardian, consents }: PlayerConsent): Written => ({
  bornOn: bornOn ?? '',
  isMinor,
  guardian,
  until: Object.fromEntries(consents.map(({ kind, until }) => [kind, until ?? ''])),
});
const bodyOf = ({ bornOn, isMinor, guardian, until }: Written) => ({
  bornOn: bornOn === '' ? null : bornOn,
  isMinor,
  guardian: guardian.trim(),
  consents: CONSENT_KINDS.filter((kind) => until[kind] !== undefined).map((kind) => ({
    kind,
    until: until[kind] === '' ? null : until[kind]!,
  })),
});

/** Returns what may be done, in a sentence. */
function standWords(noted: PlayerConsent): string {
  const day = today();
  if (!isMinorOn(noted, day)) return 'An adult: nothing to note.';
  const missing = CONSENT_KINDS.filter((kind) => !mayOn(noted, kind, day));
  if (missing.length === 0) return 'A minor: pages and pictures are agreed to.';
  const names = missing.map((kind) =>
    kind === 'pages' ? 'no link is made' : 'no picture is taken in',
  );
  return `A minor: ${names.join(', and ')} without consent.`;
}

function Kind({
  kind,
  written,
  noted,
  onChange,
}: {
  kind: ConsentKind;
  written: Written;
  noted: PlayerConsent;
  onChange: (until: Written['until']) => void;
}) {
  const until = written.until[kind];
  const { [kind]: _, ...others } = written.until;
  const before = noted.consents.find((one) => one.kind === kind);
  return (
    <li className="space-y-1">
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="size-6 shrink-0"
          checked={until !== undefined}
          onChange={({ target }) => onChange(target.checked ? { ...others, [kind]: '' } : others)}
        />
        {KIND_NAMES[kind]}
      </label>
      {until !== undefined && (
        <div className="max-w-72 pl-9">
          <DateField
            label="Holds until"
            hint="empty: no end"
            isOptional
            value={until}
            onChange={(day) => onChange({ ...others, [kind]: day })}
          />
        </div>
      )}
      {before !== undefined && (
        <p className="pl-9 text-soft">
          noted by {before.notedBy}, {shortDay(before.notedOn)}
        </p>
      )}
    </li>
  );
}

interface PartProps {
  readonly written: Written;
  readonly put: (more: Partial<Written>) => void;
}

function Age({ written, put }: PartProps) {
  return (
    <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
      <DateField
        label="Born on"
        isOptional
        yearsBack={OLDEST_YEARS}
        value={written.bornOn}
        onChange={(bornOn) => put({ bornOn })}
      />
      {written.bornOn === '' && (
        <label className="flex min-h-11 items-center gap-3">
          <input
            type="checkbox"
            className="size-6 shrink-0"
            checked={written.isMinor}
            onChange={({ target }) => put({ isMinor: target.checked })}
          />
          A minor
        </label>
      )}
    </div>
  );
}

function Guardian({ written, noted, put }: PartProps & { readonly noted: PlayerConsent }) {
  return (
    <>
      <TextField
        label="Parent or guardian"
        hint="a name, and how they are reached"
        value={written.guardian}
        onChange={({ target }) => put({ guardian: target.value })}
      />
      <fieldset>
        <legend className="font-semibold">They agree to</legend>
        <ul>
          {CONSENT_KINDS.map((kind) => (
            <Kind
              key={kind}
              kind={kind}
              written={written}
              noted={noted}
              onChange={(until) => put({ until })}
            />
          ))}
        </ul>
      </fieldset>
    </>
  );
}

function ConsentForm({ player, noted }: { player: Player; noted: PlayerConsent }) {
  const note = useNoteConsent(player.id);
  const [written, setWritten] = useState(writtenOf(noted));
  const put = (more: Partial<Written>): void => setWritten({ ...written, ...more });
  const save = (): void =>
    note.mutate(bodyOf(written), { onSuccess: () => toast('Age and consent are noted') });
  const isMinor = isMinorOn({ ...noted, ...bodyOf(written), consents: [] }, today());
  return (
    <form
      aria-label="Age and consent"
      className="space-y-3 pb-3"
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      {isSame(bodyOf(written), bodyOf(writtenOf(noted))) ? (
        <p className={mayOn(noted, 'pages', today()) ? 'text-soft' : 'font-semibold text-look'}>
          {standWords(noted)}
        </p>
      ) : (
        <p className="text-soft">Not noted yet.</p>
      )}
      <Age written={written} put={put} />
      {isMinor && <Guardian {...{ written, noted, put }} />}
      {note.error !== null && <Notice>{note.error.message}</Notice>}
      <Button type="submit" disabled={note.isPending}>
        Note it
      </Button>
    </form>
  );
}

/** How old a player is, and for a minor who speaks for them and what was agreed to: no link is made without. */
export function AgeAndConsent({ player }: { player: Player }) {
  const consent = useConsent(player.id);
  return (
    <details className="panel px-4">
      <summary className="min-h-11 cursor-pointer py-2.5 font-semibold">Age and consent</summary>
      {consent.error !== null && consent.data === undefined && (
        <Notice>{consent.error.message}</Notice>
      )}
      {consent.data !== undefined && (
        <ConsentForm key={JSON.stringify(consent.data)} player={player} noted={consent.data} />
      )}
    </details>
  );
}
