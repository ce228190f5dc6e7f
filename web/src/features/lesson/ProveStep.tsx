import {
  PLAIN_FIGURES,
  compareBlocks,
  formatLength,
  formatNumber,
  formatSideAngle,
  formatSideLength,
  formatSpeed,
  fromSi,
  rankDrills,
} from '@loxos/core';
import type { DrillEffect, FigureProof } from '@loxos/core';
import { Suspense, lazy, useMemo, useState } from 'react';
import type { Lesson, Player } from '../../api/client.ts';
import { useEffects, useLesson, useOwnDrills, useSettings } from '../../api/queries.ts';
import { Drawing } from '../../drawing/Drawing.tsx';
import { IMPACT_VIEW, impactPlan } from '../../drawing/impact-plan.ts';
import { Button } from '../../ui/Button.tsx';
import { SelectField } from '../../ui/Field.tsx';
import { Empty } from '../../ui/Notice.tsx';
import { saveFile } from '../../ui/save-file.ts';
import type { LessonReading } from '../../workers/reading.worker.ts';
import { drillBy } from '../yard/layout-of.ts';
import { blocksOf, meanSlant, usualPair } from './prove-of.ts';
import type { Block } from './prove-of.ts';
import { TagBar } from './TagBar.tsx';
import { useReading } from './use-reading.ts';

const LandingChart = lazy(() => import('./LandingChart.tsx'));

/** A figure of a proof in the player's unit. */
export function proofText(figure: FigureProof['figure'], value: number, player: Player): string {
  if (figure.endsWith('Deg')) return formatSideAngle(value, player.angleStyle);
  if (figure === 'clubSpeedMps') return formatSpeed(value, player.speedUnit, 1);
  if (figure === 'carryM') return formatLength(value, player.lengthUnit);
  return formatSideLength(value, player.lengthUnit);
}

/** The figure's name without its plain explanation, which is the player's. */
const shortName = (figure: FigureProof['figure']): string => PLAIN_FIGURES[figure].split(' (')[0]!;

/** A change, with its sign: `+2.1° (0.9 to 3.4)`. */
function changeText(proof: FigureProof, player: Player): string {
  const { figure, difference, low, high } = proof;
  const unit = figure.endsWith('Deg')
    ? '°'
    : figure === 'clubSpeedMps'
      ? player.speedUnit
      : player.lengthUnit;
  const shown = (value: number): string =>
    formatNumber(unit === '°' ? value : fromSi(value, unit), 1, true);
  const text = `${shown(difference)}${unit === '°' ? '°' : ` ${unit}`}`;
  return low === null || high === null ? text : `${text} (${shown(low)} to ${shown(high)})`;
}

function Proofs({ proofs, player }: { proofs: readonly FigureProof[]; player: Player }) {
  const csv = (): void => {
    const rows = proofs.map((p) =>
      [
        p.figure,
        p.beforeMean,
        p.beforeCount,
        p.afterMean,
        p.afterCount,
        p.difference,
        p.low ?? '',
        p.high ?? '',
        p.verdict,
      ].join(','),
    );
    saveFile(
      'proof.csv',
      'text/csv',
      `figure,before,balls before,after,balls after,difference,low 95 %,high 95 %,verdict\n${rows.join('\n')}\n`,
    );
  };
  return (
    <div
      className="overflow-x-auto rounded-xl border border-line bg-sheet p-2"
      tabIndex={0}
      role="region"
      aria-label="Before and after"
    >
      <table className="w-full text-left">
        <thead className="text-sm text-soft">
          <tr>
            {['', 'Before', 'After', 'Change, 95 %', 'Verdict'].map((head) => (
              <th key={head} scope="col" className="px-2 py-1 font-semibold">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {proofs.map((proof) => (
            <tr key={proof.figure} className="border-t border-line/60">
              <th scope="row" className="px-2 py-1.5 font-semibold">
                {shortName(proof.figure)}
              </th>
              <td className="px-2 font-mono whitespace-nowrap">
                {proofText(proof.figure, proof.beforeMean, player)}
              </td>
              <td className="px-2 font-mono whitespace-nowrap">
                {proofText(proof.figure, proof.afterMean, player)}
              </td>
              <td className="px-2 font-mono whitespace-nowrap">{changeText(proof, player)}</td>
              <td className="px-2">
                <span
                  className={
                    proof.verdict === 'worse'
                      ? 'font-semibold text-look'
                      : proof.verdict === 'better'
                        ? 'font-semibold'
                        : 'text-soft'
                  }
                >
                  {proof.verdict === 'worse' ? '▲ ' : proof.verdict === 'better' ? '✓ ' : ''}
                  {proof.verdict}
                </span>
                {proof.ballsNeeded !== null && (
                  <span className="text-sm text-soft">
                    {' '}
                    {proof.ballsNeeded} balls each would show it
                  </span>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <Button look="quiet" onClick={csv}>
        Save as CSV
      </Button>
    </div>
  );
}

/** The answer in words first. */
function proofWords(proofs: readonly FigureProof[], player: Player): string {
  const clear = proofs.filter(({ verdict }) => verdict !== 'not yet clear');
  if (clear.length === 0)
    return 'Not yet clear: no figure has moved beyond the scatter of these balls.';
  const part = (proof: FigureProof): string =>
    `${shortName(proof.figure).toLowerCase()} is ${proof.verdict}, from ${proofText(proof.figure, proof.beforeMean, player)} to ${proofText(proof.figure, proof.afterMean, player)}`;
  const text = clear.slice(0, 3).map(part).join('; ');
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
}

function Slants({ blocks, player }: { blocks: readonly [Block, Block]; player: Player }) {
  return (
    <div className="grid grid-cols-2 gap-3">
      {blocks.map((block) => (
        <figure key={block.key} className="rounded-xl border border-line bg-sheet p-2">
          <Drawing
            shapes={impactPlan({ hand: player.hand, ...meanSlant(block) }, player.angleStyle)}
            box={IMPACT_VIEW}
            title={`Usual ball of ${block.label}`}
            className="max-h-[36vh] w-full"
          />
          <figcaption className="text-sm text-soft">
            {block.label}: {block.balls.length} balls
            {block.leftOut > 0 && `, ${block.leftOut} left out`}
          </figcaption>
        </figure>
      ))}
    </div>
  );
}

function Ranking({
  effects,
  own,
}: {
  effects: readonly DrillEffect[];
  own: Parameters<typeof drillBy>[1];
}) {
  const ranks = rankDrills(effects, 'faceToPathDeg');
  if (ranks.length === 0) return null;
  return (
    <section
      aria-label="What each drill moved"
      className="rounded-xl border border-line bg-sheet p-3"
    >
      <h2 className="text-lg">What each drill has moved face to path, for this player</h2>
      <ul>
        {ranks.map((rank) => (
          <li key={rank.drillId}>
            {drillBy(rank.drillId, own)?.name ?? 'A drill since taken away'}:{' '}
            <b className="font-mono">{formatNumber(rank.difference, 1, true)}°</b>, {rank.times}{' '}
            {rank.times === 1 ? 'time' : 'times'},{' '}
            {rank.clear === 0 ? 'never clearly' : `${rank.clear} clearly`}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The lesson before, read, to compare its last block with. */
function usePrevious(lesson: Lesson): readonly Block[] {
  const id = lesson.previousLessonId ?? '';
  const previous = useLesson(id);
  const settings = useSettings();
  const { result } = useReading(id === '' ? null : previous.lesson, settings.data, 'previous');
  return useMemo(
    () =>
      previous.lesson === null || result === null
        ? []
        : blocksOf(previous.lesson.balls, result.reading.views, 'Last visit, '),
    [previous.lesson, result],
  );
}

/** Balls tagged with the drill against the baseline: better, worse, or not yet clear. */
export function ProveStep({ lesson, reading }: { lesson: Lesson; reading: LessonReading | null }) {
  const [chosen, setChosen] = useState<{ before?: string; after?: string }>({});
  const effects = useEffects(lesson.player.id).data ?? [];
  const own = useOwnDrills().data ?? [];
  const previous = usePrevious(lesson);
  const here = useMemo(
    () => (reading === null ? [] : blocksOf(lesson.balls, reading.reading.views)),
    [lesson.balls, reading],
  );
  const all = [...here, ...previous];
  const usual =
    usualPair(here) ?? (previous.at(-1) && here[0] ? ([previous.at(-1)!, here[0]] as const) : null);
  const before = all.find(({ key }) => key === chosen.before) ?? usual?.[0];
  const after = all.find(({ key }) => key === chosen.after) ?? usual?.[1];
  const proofs = useMemo(
    () =>
      before === undefined || after === undefined ? [] : compareBlocks(before.balls, after.balls),
    [before, after],
  );
  const options = all.map(({ key, label, balls }) => [key, `${label} (${balls.length})`] as const);
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
      {proofs.length > 0 && (
        <p className="text-[1.35rem] leading-snug">{proofWords(proofs, lesson.player)}</p>
      )}
      <TagBar lesson={lesson} />
      {before === undefined || after === undefined ? (
        <p className="text-lg">
          Tag the first balls as the baseline and those with the drill as the drill: the two are
          compared here.
        </p>
      ) : (
        <>
          <div className="grid grid-cols-2 gap-3 sm:max-w-2xl">
            <SelectField
              label="Before"
              options={options}
              value={before.key}
              onChange={(event) => setChosen({ ...chosen, before: event.target.value })}
            />
            <SelectField
              label="After"
              options={options}
              value={after.key}
              onChange={(event) => setChosen({ ...chosen, after: event.target.value })}
            />
          </div>
          <div className="grid gap-3 lg:grid-cols-[1.2fr_1fr]">
            <div className="space-y-3">
              <Proofs proofs={proofs} player={lesson.player} />
              <Ranking effects={effects} own={own} />
            </div>
            <div className="space-y-3">
              <Slants blocks={[before, after]} player={lesson.player} />
              <div className="h-72 rounded-xl border border-line bg-sheet p-2">
                <Suspense fallback={<p className="text-soft">Drawing the landings …</p>}>
                  <LandingChart before={before} after={after} unit={lesson.player.lengthUnit} />
                </Suspense>
              </div>
            </div>
          </div>
        </>
      )}
    </div>
  );
}
