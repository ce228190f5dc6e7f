import {
  changeText,
  figureText,
  proofCsv,
  shortFigure,
  spreadWords,
  verdictWords,
} from '@loxos/core';
import type { BlockVerdict, FigureChange, NamedChange } from '@loxos/core';
import type { Player } from '../../../api/client.ts';
import { Button } from '../../../ui/Button.tsx';
import { Panel } from '../../../ui/Panel.tsx';
import { saveFile } from '../../../ui/save-file.ts';
import { wordingOf } from '../wording.ts';

const HEADS = ['', 'Before', 'After', 'Wanted'] as const;

/** A named figure, large: before, after, what was wanted, and the verdict on it. */
function NamedFigure({
  change,
  isOpen,
  player,
}: {
  change: NamedChange;
  isOpen: boolean;
  player: Player;
}) {
  const { units } = wordingOf(player);
  const { figure, beforeMean, afterMean, wanted } = change;
  return (
    <li className="min-w-0 flex-1 basis-64 rounded-lg border-2 border-line p-3">
      <p className="flex items-baseline justify-between gap-2">
        <b className="text-lg">{shortFigure(figure)}</b>
        <span className="font-semibold">{verdictWords(change.verdict)}</span>
      </p>
      <p className="font-mono text-2xl whitespace-nowrap">
        {figureText(figure, beforeMean, units)} → {figureText(figure, afterMean, units)}
      </p>
      <p className="text-soft">
        {wanted !== null && `wanted ${figureText(figure, wanted, units)}; `}
        change {changeText(change, units)}, {isOpen ? '99' : '95'} %
      </p>
    </li>
  );
}

function OtherFigures({ judged, player }: { judged: BlockVerdict; player: Player }) {
  const { units } = wordingOf(player);
  const row = (change: FigureChange) => {
    const { figure, beforeMean, afterMean, wanted } = change;
    const cells = [
      figureText(figure, beforeMean, units),
      figureText(figure, afterMean, units),
      wanted === null ? '–' : figureText(figure, wanted, units),
      changeText(change, units),
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
        For the record: these intervals hold for all of them at once, and none of them is the
        verdict.
      </p>
      <table className="w-full text-left">
        <thead className="text-sm text-soft">
          <tr>
            {[...HEADS, judged.isOpen ? 'Change, 99 %' : 'Change, 95 %'].map((head) => (
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
export function Judged({ judged, player }: { judged: BlockVerdict; player: Player }) {
  const { units } = wordingOf(player);
  const decides = judged.named[0]?.figure;
  return (
    <Panel name="Before and after">
      <ul className="flex flex-wrap gap-3">
        {judged.named.map((change) => (
          <NamedFigure key={change.figure} change={change} isOpen={judged.isOpen} player={player} />
        ))}
      </ul>
      {decides !== undefined && (
        <p className="mt-2 text-soft">{spreadWords(judged.spread, decides, units)}</p>
      )}
      {judged.others.length > 0 && (
        <details className="mt-2">
          <summary className="min-h-9 cursor-pointer font-semibold">The other figures</summary>
          <OtherFigures judged={judged} player={player} />
        </details>
      )}
      <Button look="quiet" onClick={() => saveFile('proof.csv', 'text/csv', proofCsv(judged))}>
        Save as CSV
      </Button>
    </Panel>
  );
}
