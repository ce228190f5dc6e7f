import {
  countLabel,
  changeText,
  figureText,
  proofCsv,
  scatterText,
  shortFigure,
  spreadWords,
  toldCounts,
  verdictWords,
} from '@loxos/core';
import type { BlockVerdict, FigureChange, NamedChange, Wording } from '@loxos/core';
import { Button } from '../../../ui/Button.tsx';
import { Panel } from '../../../ui/Panel.tsx';
import { saveFile } from '../../../ui/save-file.ts';

const HEADS = ['', 'Before', 'After'] as const;

const TILE = 'min-w-0 flex-1 basis-64 rounded-lg border-2 border-line p-3';

/** What an eye counted, or how a figure scatters: before and after, large. */
function Tile({ name, beside, text }: { name: string; beside: string; text: string }) {
  return (
    <li className={TILE}>
      <p className="flex items-baseline justify-between gap-2">
        <b className="text-lg">{name}</b>
        <span className="font-semibold">{beside}</span>
      </p>
      <p className="font-mono text-2xl">{text}</p>
    </li>
  );
}

/** The figures it was judged on: counts of an eye, the spread where that was worked on, else where they lie. */
function Tiles({ judged, wording }: { judged: BlockVerdict; wording: Wording }) {
  const { counts, named, isSteadied } = judged;
  if (counts.length > 0)
    return toldCounts(judged).map((count) => (
      <Tile
        key={count.figure}
        name={countLabel(count)}
        beside={verdictWords(count.verdict)}
        text={`${count.before.had} of ${count.before.of} → ${count.after.had} of ${count.after.of}`}
      />
    ));
  if (isSteadied)
    return named.map((change) => (
      <Tile
        key={change.figure}
        name={shortFigure(change.figure)}
        beside="most within"
        text={scatterText(change, wording)}
      />
    ));
  return named.map((change) => (
    <NamedFigure key={change.figure} change={change} wording={wording} />
  ));
}

/** A named figure, large: before, after, the aim, and the verdict on it. */
function NamedFigure({ change, wording }: { change: NamedChange; wording: Wording }) {
  const { units } = wording;
  const { figure, beforeMean, afterMean, wanted } = change;
  return (
    <li className={TILE}>
      <p className="flex items-baseline justify-between gap-2">
        <b className="text-lg">{shortFigure(figure)}</b>
        <span className="font-semibold">{verdictWords(change.verdict)}</span>
      </p>
      <p className="font-mono text-2xl whitespace-nowrap">
        {figureText(figure, beforeMean, units)} → {figureText(figure, afterMean, units)}
      </p>
      {wanted !== null && <p className="text-soft">aim {figureText(figure, wanted, units)}</p>}
      <p className="text-soft">change {changeText(change, wording)}</p>
    </li>
  );
}

function OtherFigures({ judged, wording }: { judged: BlockVerdict; wording: Wording }) {
  const { units } = wording;
  const row = (change: FigureChange) => {
    const { figure, beforeMean, afterMean } = change;
    const cells = [
      figureText(figure, beforeMean, units),
      figureText(figure, afterMean, units),
      changeText(change, wording),
    ];
    return (
      <tr key={figure} className="border-t border-line/60">
        <th scope="row" className="px-2 py-1.5 text-left font-semibold">
          {shortFigure(figure)}
        </th>
        {cells.map((cell, index) => (
          <td key={index} className="px-2 font-mono whitespace-nowrap">
            {cell}
          </td>
        ))}
      </tr>
    );
  };
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="The other figures">
      <p className="text-soft">
        For the record: none of these is the verdict. The ends hold for all of them at once (95 %).
      </p>
      <table className="w-full text-left">
        <thead className="text-sm text-soft">
          <tr>
            {[...HEADS, 'Change'].map((head) => (
              <th key={head} scope="col" className="px-2 py-1 font-semibold">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>{judged.others.map(row)}</tbody>
      </table>
    </div>
  );
}

/** Whether it happened: the named figures large, the spread in words, the rest folded. */
export function Judged({ judged, wording }: { judged: BlockVerdict; wording: Wording }) {
  const decides = judged.named[0]?.figure;
  return (
    <Panel name="Before and after">
      <ul className="flex flex-wrap gap-3">
        <Tiles judged={judged} wording={wording} />
      </ul>
      {decides !== undefined && !judged.isSteadied && judged.counts.length === 0 && (
        <p className="mt-2 text-soft">{spreadWords(judged.spread, decides, wording)}</p>
      )}
      {judged.others.length > 0 && (
        <details className="mt-2">
          <summary className="min-h-9 cursor-pointer font-semibold">The other figures</summary>
          <OtherFigures judged={judged} wording={wording} />
        </details>
      )}
      <Button look="quiet" onClick={() => saveFile('proof.csv', 'text/csv', proofCsv(judged))}>
        Save as CSV
      </Button>
    </Panel>
  );
}
