import { BAND_RANGES, DEFAULT_BANDS } from '@loxos/core';
import type { Bands } from '@loxos/core';
import { useForm } from 'react-hook-form';
import { toast } from 'sonner';
import type { Settings } from '../../api/client.ts';
import { useSaveSettings, useSettings } from '../../api/queries.ts';
import { Button } from '../../ui/Button.tsx';
import { SelectField, TextField } from '../../ui/Field.tsx';
import { Notice, Trouble } from '../../ui/Notice.tsx';

const BAND_LABELS: Readonly<
  Record<keyof Bands, readonly [label: string, hint: string, scale: number]>
> = {
  pathNeutralDeg: ['Path is neutral within', '°', 1],
  pathAcceptableDeg: ['Path is acceptable within', '°', 1],
  faceSquareDeg: ['Face plays as square within', '°', 1],
  faceToPathSquareDeg: ['Face to path bends nothing within', '°', 1],
  startStraightDeg: ['Start counts as straight within', '°', 1],
  bendNoneShare: ['Flies straight below', '% of carry', 100],
  bendStrongShare: ['Hook or slice above', '% of carry', 100],
};
const BANDS = Object.keys(BAND_LABELS) as (keyof Bands)[];
const SCHOOLS = [
  ['start-and-bend', 'Start and bend: pull, push-draw, slice, …'],
  ['bend-only', 'Bend only: a ball that bends is a hook or a slice'],
] as const;

type Values = Record<keyof Bands, string> & { naming: Settings['naming'] };

const textsOf = ({ naming, bands }: Settings): Values => ({
  naming,
  ...(Object.fromEntries(
    BANDS.map((band) => [band, String(Number((bands[band] * BAND_LABELS[band][2]).toFixed(4)))]),
  ) as Record<keyof Bands, string>),
});

function SettingsForm({ settings }: { settings: Settings }) {
  const save = useSaveSettings();
  const { register, handleSubmit, setError, reset, formState } = useForm<Values>({
    defaultValues: textsOf(settings),
  });
  const submit = ({ naming, ...texts }: Values): void => {
    const bands = Object.fromEntries(
      BANDS.map((band) => [band, Number(texts[band].replace(',', '.')) / BAND_LABELS[band][2]]),
    ) as unknown as Settings['bands'];
    const wrong = BANDS.filter((band) => {
      const [min, max] = BAND_RANGES[band];
      return texts[band].trim() === '' || !(bands[band] >= min && bands[band] <= max);
    });
    for (const band of wrong) {
      const [min, max] = BAND_RANGES[band];
      const scale = BAND_LABELS[band][2];
      setError(band, { message: `Write a number from ${min * scale} to ${max * scale}.` });
    }
    if (wrong.length === 0)
      save.mutate({ naming, bands }, { onSuccess: () => toast('Settings stored') });
  };
  return (
    <form onSubmit={(event) => void handleSubmit(submit)(event)} noValidate className="space-y-4">
      <SelectField label="Names of shots" options={SCHOOLS} {...register('naming')} />
      <div className="grid gap-3 sm:grid-cols-2">
        {BANDS.map((band) => (
          <TextField
            key={band}
            label={BAND_LABELS[band][0]}
            hint={BAND_LABELS[band][1]}
            inputMode="decimal"
            error={formState.errors[band]?.message}
            {...register(band)}
          />
        ))}
      </div>
      {save.error !== null && <Notice>{save.error.message}</Notice>}
      <div className="flex gap-2">
        <Button type="submit" look="main" disabled={save.isPending}>
          Save
        </Button>
        <Button
          onClick={() => reset(textsOf({ naming: 'start-and-bend', bands: { ...DEFAULT_BANDS } }))}
        >
          Usual bands
        </Button>
      </div>
    </form>
  );
}

/** How the academy names shots and where it draws the lines. */
export function SettingsPage() {
  const settings = useSettings();
  if (settings.error !== null) return <Trouble error={settings.error} />;
  return (
    <div className="mx-auto max-w-3xl px-4 py-5">
      <h1 className="mb-1 text-2xl">Settings</h1>
      <p className="mb-4 text-soft">
        The bands and names every reading in this academy uses. The usual ones are common practice.
      </p>
      {settings.data !== undefined && <SettingsForm settings={settings.data} />}
    </div>
  );
}
