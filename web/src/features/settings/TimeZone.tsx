import { useAccount, useChangeAcademy, useMay } from '../../api/account.ts';
import { Panel } from '../../ui/Panel.tsx';
import { SelectField } from '../../ui/Field.tsx';
import { academyZone } from '../../ui/academy-time.ts';

/** Every zone this browser knows, by name, and the one that is set. */
const zonesWith = (zone: string): readonly (readonly [string, string])[] =>
  [...new Set(['UTC', zone, ...Intl.supportedValuesOf('timeZone')])]
    .sort()
    .map((name) => [name, name.replaceAll('_', ' ')] as const);

/** The zone the academy's days and times are of, wherever it is looked at. */
export function TimeZone() {
  const isOwner = useMay('own');
  const isSaid = useAccount()?.zone !== null;
  const change = useChangeAcademy();
  const zone = academyZone();
  return (
    <Panel name="Days and times" isTitled className="mt-6">
      {isOwner ? (
        <SelectField
          label="The academy’s time zone"
          hint={isSaid ? '' : 'taken from this browser until it is chosen'}
          options={zonesWith(zone)}
          value={zone}
          error={change.error?.message}
          onChange={({ target }) => change.mutate({ zone: target.value })}
        />
      ) : (
        <p>Times are those of {zone.replaceAll('_', ' ')}.</p>
      )}
    </Panel>
  );
}
