import { useAccount, useChangeAcademy, useMay } from '../../api/account.ts';
import { SelectField } from '../../ui/Field.tsx';
import { Panel } from '../../ui/Panel.tsx';

const LIMITS: readonly (readonly [string, string])[] = [
  ['1', 'an hour'],
  ['8', '8 hours'],
  ['24', 'a day'],
  ['168', 'a week'],
  ['720', '30 days'],
];

/** How long a browser that nobody uses stays signed in: short where a tablet lies at the mat for all to take. */
export function IdleLimit() {
  const isOwner = useMay('own');
  const hours = useAccount()?.idleHours;
  const change = useChangeAcademy();
  if (!isOwner || hours === undefined) return null;
  return (
    <Panel name="Signing out" isTitled className="mt-6">
      <SelectField
        label="A browser that nobody uses is signed out after"
        hint="what was not stored yet stays in it, and is sent once you sign in again"
        options={LIMITS}
        value={String(hours)}
        error={change.error?.message}
        onChange={({ target }) => change.mutate({ idleHours: Number(target.value) })}
      />
    </Panel>
  );
}
