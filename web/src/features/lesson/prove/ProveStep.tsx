import { judgePair, judgementWords, shortFigure, usualPair } from '@loxos/core';
import type { BlockVerdict, OwnDrillFacts, ProofFigure, ReadBlock } from '@loxos/core';
import { Suspense, lazy, useMemo, useState } from 'react';
import type { Player } from '../../../api/client.ts';
import { Empty } from '../../../ui/Notice.tsx';
import { Catch } from '../../../ui/Panel.tsx';
import { Segments } from '../../../ui/Segments.tsx';
import { blockLabel } from '../lesson-work.ts';
import type { StepProps, Worked } from '../lesson-work.ts';
import { Judged } from './Judged.tsx';
import { Overlay } from './Overlay.tsx';
import { Ranking } from './Ranking.tsx';
import { Slants } from './Slants.tsx';

const BallChart = lazy(() => import('./BallChart.tsx'));

interface Option {
  readonly key: string;
  readonly label: string;
  readonly block: ReadBlock;
  readonly isEarlier: boolean;
}

/** Returns the blocks that can be compared: those of this lesson, and of the visit before. */
function optionsOf(
  here: readonly ReadBlock[],
  earlier: readonly ReadBlock[],
  own: readonly OwnDrillFacts[],
): Option[] {
  return [
    ...here.map((block): Option => ({
      key: block.key,
      label: blockLabel(block, own, false),
      block,
      isEarlier: false,
    })),
    ...earlier.map((block): Option => ({
      key: `last ${block.key}`,
      label: `Last visit, ${blockLabel(block, own, false).toLowerCase()}`,
      block,
      isEarlier: true,
    })),
  ];
}

/** Returns the two blocks compared: as the coach chose, else the usual pair. */
function usePair({ club, found, own }: Worked) {
  const [chosen, setChosen] = useState<{ before?: string; after?: string }>({});
  const here = club?.blocks ?? [];
  const earlier = found?.earlier ?? [];
  const options = optionsOf(here, earlier, own);
  const usual = usualPair(here, earlier);
  const optionOf = (key: string | undefined, block: ReadBlock | undefined) =>
    options.find((option) => option.key === key) ??
    options.find((option) => option.block === block);
  return {
    options,
    before: optionOf(chosen.before, usual?.[0]),
    after: optionOf(chosen.after, usual?.[1]),
    choose: (side: 'before' | 'after', key: string) => setChosen({ ...chosen, [side]: key }),
  };
}

function useVerdict(
  { found, facts }: Worked,
  before: Option | undefined,
  after: Option | undefined,
): BlockVerdict | null {
  return useMemo(
    () =>
      before === undefined || after === undefined || found === null
        ? null
        : judgePair(found, [before.block, after.block], facts).judged,
    [before, after, found, facts],
  );
}

const NoBalls = () => (
  <div className="p-4">
    <Empty>
      Proof comes from balls: begin a baseline in the bar above, hit it, work, then begin the next
      block and hit again.
    </Empty>
  </div>
);

const OneBlock = () => (
  <div className="p-4">
    <Empty>
      One block is compared with another of the same club, and there is only one yet. Begin the next
      block before its balls are hit (T), or select balls in Read and move them into a block of
      their own.
    </Empty>
  </div>
);

interface Compared {
  readonly before: Option;
  readonly after: Option;
}

interface PairProps extends Compared {
  readonly options: readonly Option[];
  readonly choose: (side: 'before' | 'after', key: string) => void;
}

/** Which two blocks are compared. */
function Pair({ options, before, after, choose }: PairProps) {
  const chips = options.map(
    ({ key, label, block }) => [key, `${label} (${block.counted.length})`] as const,
  );
  return (
    <div className="flex flex-wrap gap-x-6 gap-y-2">
      <Segments
        legend="Before"
        options={chips}
        value={before.key}
        onChange={(key) => choose('before', key)}
      />
      <Segments
        legend="After"
        options={chips}
        value={after.key}
        onChange={(key) => choose('after', key)}
      />
    </div>
  );
}

interface BallByBallProps extends Compared {
  /** What was named first; undefined draws none. */
  readonly figure: ProofFigure | undefined;
  readonly player: Player;
}

function BallByBall({ before, after, figure, player }: BallByBallProps) {
  const side = (option: Option) => ({ label: option.label, views: option.block.counted });
  return (
    <details>
      <summary className="min-h-9 cursor-pointer font-semibold">
        Average slants, and ball by ball
      </summary>
      <Slants
        blocks={[before.block, after.block]}
        labels={[before.label, after.label]}
        player={player}
      />
      {figure !== undefined && (
        <div className="mt-3 h-72 panel p-2">
          <Catch name="Ball by ball">
            <Suspense fallback={<p className="text-soft">Drawing …</p>}>
              <BallChart
                figure={figure}
                label={shortFigure(figure)}
                before={side(before)}
                after={side(after)}
                unit={player.lengthUnit}
              />
            </Suspense>
          </Catch>
        </div>
      )}
    </details>
  );
}

/** Balls of one block against another of the same club: on plan, there, past it, or not yet clear. */
export function ProveStep({ lesson, worked }: StepProps) {
  const { found, effects, own, wording } = worked;
  const { options, before, after, choose } = usePair(worked);
  const judged = useVerdict(worked, before, after);
  if (lesson.balls.length === 0) return <NoBalls />;
  if (before === undefined || after === undefined || judged === null || found === null)
    return <OneBlock />;
  return (
    <div className="mx-auto max-w-[1400px] space-y-3 px-3 py-3 lg:px-4">
      <p className="text-[1.45rem] leading-snug font-semibold" data-verdict={judged.verdict}>
        {judgementWords(judged, wording)}
      </p>
      <div className="grid gap-3 lg:grid-cols-2">
        <div className="min-w-0 space-y-3">
          <Pair {...{ options, before, after, choose }} />
          <Judged judged={judged} wording={wording} />
          <Ranking effects={effects} hand={lesson.player.hand} own={own} />
        </div>
        <div className="min-w-0 space-y-3">
          <Overlay
            before={before.block}
            after={after.block}
            labels={[before.label, after.label]}
            plan={found.plan}
            unit={lesson.player.lengthUnit}
          />
          <BallByBall
            before={before}
            after={after}
            figure={judged.named[0]?.figure}
            player={lesson.player}
          />
        </div>
      </div>
    </div>
  );
}
