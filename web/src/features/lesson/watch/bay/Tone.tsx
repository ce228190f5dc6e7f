import { Volume2, VolumeX } from 'lucide-react';
import { useId } from 'react';
import { useKeys } from '../../../../app/shortcuts.ts';
import { Button } from '../../../../ui/Button.tsx';
import { sound, useTone } from './tone.ts';

/** A tone for each ball: on or off, and how loud; each change is heard. */
export function Tone() {
  const { isOn, volume, toggle, setVolume } = useTone();
  const id = useId();
  const turn = (): void => {
    toggle();
    if (!isOn) sound(1, volume);
  };
  useKeys({ s: turn });
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
      <Button
        look="quiet"
        aria-pressed={isOn}
        title="Higher, the nearer a ball comes to the plan; two notes on plan"
        onClick={turn}
      >
        {isOn ? <Volume2 aria-hidden size={16} /> : <VolumeX aria-hidden size={16} />}
        {isOn ? 'Tone on' : 'Tone off'} <kbd className="font-mono text-soft">S</kbd>
      </Button>
      {isOn && (
        <label htmlFor={id} className="flex min-h-11 items-center gap-2">
          Volume
          <input
            id={id}
            type="range"
            min={0.1}
            max={1}
            step={0.1}
            value={volume}
            className="h-11 w-32 accent-ink"
            onChange={({ target }) => setVolume(Number(target.value))}
            onPointerUp={() => sound(1, volume)}
          />
        </label>
      )}
    </div>
  );
}
