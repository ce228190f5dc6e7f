import type { MouseEvent } from 'react';
import { keyOf, touched } from './place.ts';
import type { Spot, Touch, Way } from './place.ts';

const WAYS: readonly Way[] = [-1, 0, 1];
const SIDE = { [-1]: 'left', 0: 'straight', 1: 'right' } as const;
const BEND = { [-1]: 'bends left', 0: 'no bend', 1: 'bends right' } as const;

/** Returns where a place was touched; null where a key pressed it. */
function spotOf({ detail, clientX, clientY, currentTarget }: MouseEvent<HTMLElement>): Spot | null {
  const { left, top, width, height } = currentTarget.getBoundingClientRect();
  if (detail === 0 || width === 0) return null;
  return { x: (clientX - left) / width, y: (clientY - top) / height };
}

const BAND = 'pointer-events-none absolute flex items-center justify-center bg-line/35 text-soft';

/** Where the words stand: clear of the edges. */
const INNER = { [-1]: 'pl-[30%] lg:pl-[34%]', 0: '', 1: 'pr-[30%] lg:pr-[34%]' } as const;
const INNER_ROW = { [-1]: 'pt-7 lg:pt-10', 0: '', 1: 'pb-7 lg:pb-10' } as const;

/** The outer edges of a place, where a touch says far, or much. */
function Edges({ start, bend }: { start: Way; bend: Way }) {
  return (
    <>
      {start !== 0 && (
        <span className={`${BAND} inset-y-0 w-[34%] ${start < 0 ? 'left-0' : 'right-0'}`}>
          {bend === 0 && 'far'}
        </span>
      )}
      {bend !== 0 && (
        <span className={`${BAND} inset-x-0 h-[34%] ${bend < 0 ? 'top-0' : 'bottom-0'}`}>
          {start === 0 && 'much'}
        </span>
      )}
    </>
  );
}

interface PlaceProps {
  readonly start: Way;
  readonly bend: Way;
  readonly isReady: boolean;
  readonly tap: (touch: Touch) => void;
}

function Place({ start, bend, isReady, tap }: PlaceProps) {
  return (
    <button
      type="button"
      disabled={!isReady}
      onClick={(event) => tap(touched(start, bend, spotOf(event)))}
      className="relative flex min-h-22 min-w-0 touch-manipulation items-center justify-center overflow-hidden rounded-xl border-2 border-line hover:border-ink active:bg-line/60 disabled:opacity-50 lg:min-h-30"
    >
      <Edges start={start} bend={bend} />
      <span
        className={`relative text-[0.8125rem] leading-tight sm:text-base lg:text-lg ${INNER[start]} ${INNER_ROW[bend]}`}
      >
        <span className="sr-only">starts </span>
        {SIDE[start]},<br />
        <b>{BEND[bend]}</b>
        <kbd className="ml-2 hidden font-mono text-soft lg:inline">{keyOf(start, bend)}</kbd>
      </span>
    </button>
  );
}

/** Nine places for a thumb: across, where the ball starts; up and down, how it bends; the outer edge, far and much. */
export const Pad = ({ isReady, tap }: Pick<PlaceProps, 'isReady' | 'tap'>) => (
  <div className="grid grid-cols-3 gap-1.5 select-none">
    {WAYS.map((bend) =>
      WAYS.map((start) => (
        <Place key={`${start} ${bend}`} start={start} bend={bend} isReady={isReady} tap={tap} />
      )),
    )}
  </div>
);
