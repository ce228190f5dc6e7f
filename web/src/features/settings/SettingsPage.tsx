import {
  ACCURACY_RANGES,
  BAND_RANGES,
  DEFAULT_RULES,
  ROUTE_LABELS,
  typedNumber,
} from '@loxos/core';
import type { AcademyRules, Bands, FirstRoute, SetAccuracy } from '@loxos/core';
import { useForm } from 'react-hook-form';
import { toast } from 'sonner';
import { useMay } from '../../api/account.ts';
import type { Settings } from '../../api/client.ts';
import { useSettings } from '../../api/queries.ts';
import { Archive } from './Archive.tsx';
import { Bays } from './Bays.tsx';
import { Copies } from './Copies.tsx';
import { Sources } from './Sources.tsx';
import { IdleLimit } from './IdleLimit.tsx';
import { WhoReads } from './WhoReads.tsx';
import { TimeZone } from './TimeZone.tsx';
import { changeSettings } from '../../sync/actions.ts';
import { Button } from '../../ui/Button.tsx';
import { SelectField, TextField } from '../../ui/Field.tsx';
import { ForCoach } from '../../ui/ForCoach.tsx';
import { Trouble } from '../../ui/Notice.tsx';

type Group = 'bands' | 'accuracy';
type Name = keyof Bands | keyof SetAccuracy;
/** What is set: its group, label, unit as typed, how much larger it is typed, and its range. */
interface Entry {
  readonly group: Group;
  readonly name: Name;
  readonly label: string;
  readonly hint: string;
  readonly scale: number;
  readonly range: readonly [number, number];
}

const band = (name: keyof Bands, label: string, hint = '°', scale = 1): Entry => ({
  group: 'bands',
  name,
  label,
  hint,
  scale,
  range: BAND_RANGES[name],
});
const accuracy = (name: keyof SetAccuracy, label: string): Entry => ({
  group: 'accuracy',
  name,
  label,
  hint: '± °',
  scale: 1,
  range: ACCURACY_RANGES[name],
});

const ENTRIES: readonly Entry[] = [
  band('pathNeutralDeg', 'Path is neutral within'),
  band('pathAcceptableDeg', 'Path is acceptable within'),
  band('faceSquareDeg', 'Face plays as square within'),
  band('faceToPathSquareDeg', 'Face to path bends nothing within'),
  band('startStraightDeg', 'Start counts as straight within'),
  band('bendNoneShare', 'Flies straight below', '% of carry', 100),
  band('bendStrongShare', 'Hook or slice above', '% of carry', 100),
  accuracy('faceAngleDeg', 'Monitor: face may be off by'),
  accuracy('clubPathDeg', 'Monitor: path may be off by'),
  accuracy('spinAxisTiltDeg', 'Monitor: spin axis may be off by'),
];
const SCHOOLS = [
  ['start-and-bend', 'Start and bend: pull, push-draw, slice, …'],
  ['bend-only', 'Bend only: a ball that bends is a hook or a slice'],
] as const;

const FIRST_ROUTE_OPTIONS: readonly (readonly [FirstRoute, string])[] = [
  ['lowest-miss', 'The one of the lowest average miss'],
  ['face-then-path', ROUTE_LABELS['face-then-path']],
  ['path-then-face', ROUTE_LABELS['path-then-face']],
  ['gap-first', ROUTE_LABELS['gap-first']],
];

type Values = Record<string, string> & Pick<Settings, 'naming' | 'firstRoute'>;

const keyOf = ({ group, name }: Entry): string => `${group}-${name}`;
const stored = (settings: AcademyRules, { group, name }: Entry): number =>
  (settings[group] as unknown as Record<string, number>)[name]!;

const textsOf = (settings: AcademyRules): Values => ({
  ...Object.fromEntries(
    ENTRIES.map((entry) => [
      keyOf(entry),
      String(Number((stored(settings, entry) * entry.scale).toFixed(4))),
    ]),
  ),
  naming: settings.naming,
  firstRoute: settings.firstRoute,
});

function SettingsForm({ settings }: { settings: Settings }) {
  const { register, handleSubmit, setError, reset, formState } = useForm<Values>({
    defaultValues: textsOf(settings),
  });
  const submit = (texts: Values): void => {
    const valueOf = (entry: Entry): number =>
      (typedNumber(texts[keyOf(entry)] ?? '') ?? NaN) / entry.scale;
    const wrong = ENTRIES.filter((entry) => {
      const value = valueOf(entry);
      return !(value >= entry.range[0] && value <= entry.range[1]);
    });
    for (const entry of wrong) {
      const [min, max] = entry.range;
      setError(keyOf(entry), {
        message: `Write a number from ${min * entry.scale} to ${max * entry.scale}.`,
      });
    }
    if (wrong.length > 0) return;
    const groupOf = (group: Group) =>
      Object.fromEntries(
        ENTRIES.filter((entry) => entry.group === group).map((entry) => [
          entry.name,
          valueOf(entry),
        ]),
      );
    const { naming, firstRoute } = texts;
    const body = { naming, firstRoute, bands: groupOf('bands'), accuracy: groupOf('accuracy') };
    changeSettings(settings, body as unknown as Settings);
    toast('Settings saved');
  };
  return (
    <form onSubmit={(event) => void handleSubmit(submit)(event)} noValidate className="space-y-4">
      <SelectField label="Names of shots" options={SCHOOLS} {...register('naming')} />
      <SelectField
        label="Which route first, where it is open"
        options={FIRST_ROUTE_OPTIONS}
        {...register('firstRoute')}
      />
      <div className="grid gap-3 sm:grid-cols-2">
        {ENTRIES.map((entry) => (
          <TextField
            key={keyOf(entry)}
            label={entry.label}
            hint={entry.hint}
            inputMode="decimal"
            error={formState.errors[keyOf(entry)]?.message}
            {...register(keyOf(entry))}
          />
        ))}
      </div>
      <div className="flex gap-2">
        <Button type="submit" look="main">
          Save
        </Button>
        <Button onClick={() => reset(textsOf(DEFAULT_RULES))}>Usual settings</Button>
      </div>
    </form>
  );
}

/** How the academy names shots and where it draws the lines. */
export function SettingsPage() {
  const settings = useSettings();
  const isOwner = useMay('own');
  if (settings.error !== null) return <Trouble error={settings.error} />;
  return (
    <div className="mx-auto max-w-3xl px-4 py-5">
      <h1 className="mb-1 text-2xl">Settings</h1>
      <p className="mb-4 text-soft">
        The bands and names every reading in this academy uses. The usual ones are common practice.
      </p>
      {settings.data !== undefined && (
        <ForCoach isSaid>
          <SettingsForm settings={settings.data} />
        </ForCoach>
      )}
      <TimeZone />
      <IdleLimit />
      <WhoReads />
      <Bays />
      <Sources />
      {isOwner && (
        <>
          <Copies />
          <Archive />
        </>
      )}
    </div>
  );
}
