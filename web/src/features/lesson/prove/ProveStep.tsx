import {
  EFFECT_FIGURES,
  changeText,
  drillBy,
  figureText,
  formatNumber,
  judgeWork,
  judgementWords,
  proofCsv,
  rankDrills,
  shortFigure,
  spreadWords,
  usualPair,
  verdictWords,
} from '@loxos/core';
import type {
  BlockVerdict,
  DrillEffect,
  FigureChange,
  NamedChange,
  OwnDrillFacts,
  ReadBlock,
} from '@loxos/core';
import { Suspense, lazy, useMemo, useState } from 'react';
import type { Lesson, Player } from '../../../api/client.ts';
import { useLesson, useSettings } from '../../../api/queries.ts';
import { Drawing } from '../../../drawing/Drawing.tsx';
import { IMPACT_VIEW, impactPlan } from '../../../drawing/impact-plan.ts';
import { Button } from '../../../ui/Button.tsx';
import { SelectField } from '../../../ui/Field.tsx';
import { Empty } from '../../../ui/Notice.tsx';
import { saveFile } from '../../../ui/save-file.ts';
import type { LessonReading } from '../../../workers/reading.worker.ts';
import { blockLabel, blocksOfPlan, isBeingHit, useLessonPlan } from '../lesson-work.ts';
import { TagBar } from './TagBar.tsx';
import { useReading } from '../use-reading.ts';
import { wordingOf } from '../wording.ts';

const LandingChart = lazy(() => import('./LandingChart.tsx'));

const isNamed = (change: FigureChange): change is NamedChange => 'verdict' in change;

function FigureRow({ change, player }: { change: FigureChange; player: Player }) {
  const { units } = wordingOf(player);
  const { figure, beforeMean, afterMean, wanted } = change;
  return (
    <tr className="border-t border-line/60">
      <th scope="row" className="px-2 py-1.5 font-semibold">
        {shortFigure(figure)}
      </th>
      <td className="px-2 font-mono whitespace-nowrap">{figureText(figure, beforeMean, units)}</td>
      <td className="px-2 font-mono whitespace-nowrap">{figureText(figure, afterMean, units)}</td>
      <td className="px-2 font-mono whitespace-nowrap">
        {wanted === null ? '–' : figureText(figure, wanted, units)}
      </td>
      <td className="px-2 font-mono whitespace-nowrap">{changeText(change, units)}</td>
      {isNamed(change) && <td className="px-2 font-semibold">{verdictWords(change.verdict)}</td>}
    </tr>
  );
}

function Figures({
  label,
  changes,
  isOpen,
  player,
}: {
  label: string;
  changes: readonly FigureChange[];
  isOpen: boolean;
  player: Player;
}) {
  const withVerdict = changes.some(isNamed);
  const heads = [
    '',
    'Before',
    'After',
    'Wanted',
    isOpen ? 'Change, 99 %' : 'Change, 95 %',
    ...(withVerdict ? [''] : []),
  ];
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={label}>
      <table className="w-full text-left">
        <thead className="text-sm text-soft">
          <tr>
            {heads.map((head, index) => (
              <th key={`${index} ${head}`} scope="col" className="px-2 py-1 font-semibold">
                {head === '' && index > 0 ? 'Verdict' : head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {changes.map((change) => (
            <FigureRow key={change.figure} change={change} player={player} />
          ))}
        </tbody>
      </table>
    </div>
  );
}

function Judged({ judged, player }: { judged: BlockVerdict; player: Player }) {
  const { units } = wordingOf(player);
  const decides = judged.named[0]?.figure;
  return (
    <section aria-label="Before and after" className="rounded-xl border border-line bg-sheet p-3">
      <Figures
        label="The figures it is judged on"
        changes={judged.named}
        isOpen={judged.isOpen}
        player={player}
      />
      {decides !== undefined && (
        <p className="mt-2 text-soft">{spreadWords(judged.spread, decides, units)}</p>
      )}
      {judged.others.length > 0 && (
        <details className="mt-2">
          <summary className="min-h-9 cursor-pointer font-semibold">The other figures</summary>
          <p className="text-soft">
            For the record: these intervals hold for all of them at once, and none of them is the
            verdict.
          </p>
          <Figures
            label="The other figures"
            changes={judged.others}
            isOpen={judged.isOpen}
            player={player}
          />
        </details>
      )}
      <Button look="quiet" onClick={() => saveFile('proof.csv', 'text/csv', proofCsv(judged))}>
        Save as CSV
      </Button>
    </section>
  );
}

function Slants({
  blocks,
  labels,
  player,
}: {
  blocks: readonly [ReadBlock, ReadBlock];
  labels: readonly [string, string];
  player: Player;
}) {
  return (
    <div className="grid grid-cols-2 gap-3">
      {blocks.map(({ figures, counted, balls }, index) => {
        const angles = {
          faceAngleDeg: figures.faceAngleDeg?.mean ?? null,
          clubPathDeg: figures.clubPathDeg?.mean ?? null,
          startDirectionDeg: figures.startDirectionDeg?.mean ?? null,
        };
        const out = balls.length - counted.length;
        return (
          <figure key={index} className="rounded-xl border border-line bg-sheet p-2">
            <Drawing
              shapes={impactPlan({ hand: player.hand, ...angles }, player.angleStyle)}
              box={IMPACT_VIEW}
              title={`Average of ${labels[index]!}`}
              className="max-h-[36vh] w-full"
            />
            <figcaption className="text-sm text-soft">
              {labels[index]}: {counted.length} balls{out > 0 && `, ${out} left out`}
            </figcaption>
          </figure>
        );
      })}
    </div>
  );
}

/** What drills have clearly moved for this player; nothing else is credited. */
function Ranking({
  effects,
  own,
}: {
  effects: readonly DrillEffect[];
  own: readonly OwnDrillFacts[];
}) {
  const ranks = EFFECT_FIGURES.flatMap((figure) => rankDrills(effects, figure, null));
  const tried = new Set(ranks.map(({ drillId }) => drillId));
  if (tried.size === 0) return null;
  const clear = ranks.filter(({ clearTimes }) => clearTimes > 0);
  return (
    <section
      aria-label="What each drill moved"
      className="rounded-xl border border-line bg-sheet p-3"
    >
      <h2 className="text-lg">What drills have clearly moved, for this player</h2>
      {clear.length === 0 && (
        <p className="text-soft">Nothing clearly yet, of {tried.size} tried.</p>
      )}
      <ul>
        {clear.map(({ drillId, figure, creditedDeg, times, clearTimes }) => (
          <li key={`${drillId} ${figure}`}>
            {drillBy(drillId, own)?.name ?? 'A drill since taken away'}:{' '}
            {shortFigure(figure).toLowerCase()}{' '}
            <b className="font-mono">
              {formatNumber(Math.abs(creditedDeg), 0)}° {creditedDeg < 0 ? 'left' : 'right'}
            </b>
            , clearly {clearTimes} of {times}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The lesson before, read, to compare its last block with. */
function usePrevious(lesson: Lesson): LessonReading | null {
  const id = lesson.previousLessonId ?? '';
  const previous = useLesson(id);
  const settings = useSettings();
  const { result } = useReading(id === '' ? null : previous.lesson, settings.data, 'previous');
  return id === '' ? null : result;
}

interface Option {
  readonly key: string;
  readonly label: string;
  readonly block: ReadBlock;
  readonly isEarlier: boolean;
}

const NO_BLOCKS: readonly ReadBlock[] = [];

/** Balls of one block against another of the same club: on plan, there, or not yet clear. */
export function ProveStep({ lesson, reading }: { lesson: Lesson; reading: LessonReading | null }) {
  const [chosen, setChosen] = useState<{ before?: string; after?: string }>({});
  const { planned, effects, own, bands } = useLessonPlan(lesson, reading);
  const previous = usePrevious(lesson);
  const club = planned?.plan.club ?? null;
  const here = blocksOfPlan(reading, planned);
  const earlier = previous?.blocks.filter((block) => block.club === club) ?? NO_BLOCKS;
  const withClub = (reading?.reading.groups.length ?? 0) > 1;
  const options = [
    ...here.map((block): Option => ({
      key: block.key,
      label: blockLabel(block, own, withClub),
      block,
      isEarlier: false,
    })),
    ...earlier.map((block): Option => ({
      key: `last ${block.key}`,
      label: `Last visit, ${blockLabel(block, own, withClub).toLowerCase()}`,
      block,
      isEarlier: true,
    })),
  ];
  const usual = usualPair(here, earlier);
  const optionOf = (key: string | undefined, block: ReadBlock | undefined) =>
    options.find((option) => option.key === key) ??
    options.find((option) => option.block === block);
  const before = optionOf(chosen.before, usual?.[0]);
  const after = optionOf(chosen.after, usual?.[1]);
  const plan = planned?.plan ?? null;
  const stage = planned?.work.stage ?? null;
  const judged = useMemo(
    () =>
      before === undefined || after === undefined || plan === null || reading === null
        ? null
        : judgeWork([before.block, after.block], {
            plan,
            stage,
            bands,
            isOpen: !after.isEarlier && isBeingHit(after.block, lesson, reading),
            isOtherVisit: before.isEarlier !== after.isEarlier,
          }).judged,
    // Blocks are made anew with every reading; their balls tell them apart.
    [before, after, plan, stage, bands, lesson, reading],
  );
  const choices = options.map(
    ({ key, label, block }) => [key, `${label} (${block.counted.length})`] as const,
  );
  const { units } = wordingOf(lesson.player);
  if (lesson.balls.length === 0) {
    return (
      <div className="p-6">
        <Empty>
          Proof comes from balls: hit a baseline, work, then hit again, and tag each block here.
        </Empty>
      </div>
    );
  }
  return (
    <div className="mx-auto max-w-[1400px] space-y-3 px-4 py-4">
      {judged !== null && (
        <p className="text-[1.35rem] leading-snug" data-verdict={judged.verdict}>
          {judgementWords(judged, units)}
        </p>
      )}
      <TagBar lesson={lesson} />
      {before === undefined || after === undefined || judged === null ? (
        <p className="text-lg">
          Tag the first balls as the baseline and those with the drill as the drill: the two are
          compared here.
        </p>
      ) : (
        <>
          <div className="grid grid-cols-2 gap-3 sm:max-w-2xl">
            <SelectField
              label="Before"
              options={choices}
              value={before.key}
              onChange={(event) => setChosen({ ...chosen, before: event.target.value })}
            />
            <SelectField
              label="After"
              options={choices}
              value={after.key}
              onChange={(event) => setChosen({ ...chosen, after: event.target.value })}
            />
          </div>
          <div className="grid gap-3 lg:grid-cols-[1.2fr_1fr]">
            <div className="space-y-3">
              <Judged judged={judged} player={lesson.player} />
              <Ranking effects={effects} own={own} />
            </div>
            <div className="space-y-3">
              <Slants
                blocks={[before.block, after.block]}
                labels={[before.label, after.label]}
                player={lesson.player}
              />
              <div className="h-72 rounded-xl border border-line bg-sheet p-2">
                <Suspense fallback={<p className="text-soft">Drawing the landings …</p>}>
                  <LandingChart
                    before={{ label: before.label, views: before.block.counted }}
                    after={{ label: after.label, views: after.block.counted }}
                    unit={lesson.player.lengthUnit}
                  />
                </Suspense>
              </div>
            </div>
          </div>
        </>
      )}
    </div>
  );
}
