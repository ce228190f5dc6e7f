import { findClub, saidWith, unitsOf } from '@loxos/core';
import type { ClubSaid, ColumnSaid, FilePart, IntakeQuestion, IntakeSays } from '@loxos/core';
import { useState } from 'react';
import type { IntakeAnswers, Player } from '../../../../api/client.ts';
import { Button } from '../../../../ui/Button.tsx';
import { TextField } from '../../../../ui/Field.tsx';
import { Notice } from '../../../../ui/Notice.tsx';
import { ballsText } from '../../../../ui/balls-text.ts';
import type { Preview } from '../../../../workers/intake.worker.ts';
import { ColumnTable } from './ColumnTable.tsx';
import { Parts } from './Parts.tsx';
import type { PartPlace } from './Parts.tsx';
import { Questions, isAbout, questionKey } from './Questions.tsx';
import { usePreview } from './use-preview.ts';

/** A part of a file that goes to a lesson of somebody else's. */
export interface Elsewhere {
  readonly part: FilePart;
  /** A player's id, or `new`. */
  readonly place: string;
}

interface MappingProps {
  readonly title: string;
  readonly bytes: ArrayBuffer;
  readonly player: Player;
  /** What was said of it before. */
  readonly before: IntakeAnswers;
  /** What it leaves open; more may come to light as it is answered. */
  readonly questions: readonly IntakeQuestion[];
  readonly sendWords: string;
  readonly leaveWords: string;
  readonly onAnswer: (answers: IntakeAnswers, elsewhere: readonly Elsewhere[]) => void;
  readonly onLeave: () => void;
}

/** Returns the answers that are most likely, as though they had been chosen. */
function likely(questions: readonly IntakeQuestion[]) {
  const chosen: Record<string, number> = {};
  let says: IntakeSays = {};
  for (const question of questions) {
    const place = question.choices.findIndex(({ isLikely }) => isLikely);
    if (place < 0 || question.kind === 'parts') continue;
    chosen[questionKey(question)] = place;
    says = saidWith(says, question.choices[place]!.says);
  }
  return { chosen, says };
}

/** Everything that is said of a file, and how to say more. */
function useSaid(before: IntakeAnswers, questions: readonly IntakeQuestion[]) {
  const [guess] = useState(() => likely(questions));
  const [says, setSays] = useState<IntakeSays>(() => saidWith<IntakeSays>(before, guess.says));
  const [chosen, setChosen] = useState<Readonly<Record<string, number>>>(guess.chosen);
  const choose = (question: IntakeQuestion, place: number, more: IntakeSays): void => {
    setChosen((all) => ({ ...all, [questionKey(question)]: place }));
    setSays((said) => saidWith(said, more));
  };
  /** Answers to questions about a column or club of this name hold no more. */
  const unchoose = (name: string): void =>
    setChosen((all) =>
      Object.fromEntries(Object.entries(all).filter(([key]) => !isAbout(key, name))),
    );
  const say = (column: ColumnSaid): void => {
    unchoose(column.header);
    setSays((said) => {
      // What is said of a column goes over all that was said of it.
      const others = (said.columns ?? []).filter(({ header }) => header !== column.header);
      return { ...said, columns: [...others, column] };
    });
  };
  /** Takes back what was said of a club, so that it is asked again. */
  const askClub = (text: string): void => {
    unchoose(text);
    setSays(({ clubs = [], ...rest }) => {
      const left = clubs.filter((one) => one.text !== text);
      return left.length === 0 ? rest : { ...rest, clubs: left };
    });
  };
  return { says, setSays, chosen, choose, say, askClub };
}

/** Returns where the parts of a file go. */
function usePlaces(setSays: (change: (says: IntakeSays) => IntakeSays) => void) {
  const [places, setPlaces] = useState<Readonly<Record<string, PartPlace>>>({});
  const place = (parts: readonly FilePart[], key: string, to: PartPlace): void => {
    const all = { ...places, [key]: to };
    setPlaces(all);
    const isGiven = parts.every((part) => (all[part.key] ?? '') !== '');
    const here = parts.filter((part) => all[part.key] === 'here').map((part) => part.key);
    // Until each has its place the file stays open.
    setSays(({ parts: _, ...rest }) => (isGiven ? { ...rest, parts: here } : rest));
  };
  return { places, place };
}

/** Questions seen so far: one that is answered stays, so that it can be answered otherwise. */
function useSeen(first: readonly IntakeQuestion[], now: readonly IntakeQuestion[] | undefined) {
  const [seen, setSeen] = useState<readonly IntakeQuestion[]>(first);
  const known = new Set(seen.map(questionKey));
  const more = (now ?? []).filter((question) => !known.has(questionKey(question)));
  if (more.length > 0) setSeen([...seen, ...more]);
  return seen;
}

/** Returns what is still open of a file, or what will be read of it. */
function stateWords({ questions: { length }, ballCount, refusedCount }: Preview): string {
  if (length > 0) return `▲ ${length === 1 ? 'One thing is' : `${length} things are`} still open.`;
  const refused = refusedCount === 1 ? '1 row' : `${refusedCount} rows`;
  return `${ballsText(ballCount)} will be read${refusedCount > 0 ? `, ${refused} refused` : ''}.`;
}

interface AsReadProps {
  readonly preview: Preview;
  readonly player: Player;
  readonly onSay: (said: ColumnSaid) => void;
}

interface ClubsSaidProps {
  readonly clubs: readonly ClubSaid[];
  readonly onAsk: (text: string) => void;
}

/** Clubs that are others than the file says, as they were answered. */
function ClubsSaid({ clubs, onAsk }: ClubsSaidProps) {
  return clubs.map(({ text, club }) => (
    <p key={text} className="mt-2">
      “{text}” is read as the {findClub(club)?.label.toLowerCase() ?? club}.{' '}
      <Button look="quiet" onClick={() => onAsk(text)}>
        Ask again
      </Button>
    </p>
  ));
}

/** What a file's columns are read as. */
function AsRead({ preview, player, onSay }: AsReadProps) {
  return (
    <>
      <h3 className="mt-2 font-semibold">How its columns are read</h3>
      {preview.notes.map((note) => (
        <p key={note} className="text-sm">
          {note}
        </p>
      ))}
      <ColumnTable
        columns={preview.columns}
        verdicts={preview.verdicts}
        cells={preview.cells}
        balls={preview.balls}
        units={unitsOf(player)}
        onSay={onSay}
      />
    </>
  );
}

/** What the source is called from now on. */
function SourceName({ name, onName }: { name: string; onName: (name: string) => void }) {
  return (
    <div className="mt-3 max-w-md">
      <TextField
        label="Call this source"
        hint="its next files are read the same way, unasked"
        value={name}
        maxLength={80}
        onChange={({ target }) => onName(target.value)}
      />
    </div>
  );
}

/** A file as it will be read, on its real rows, with what it leaves open: all of it can be said otherwise. */
export function Mapping(props: MappingProps) {
  const { title, bytes, player, before, questions, sendWords, leaveWords, onAnswer, onLeave } =
    props;
  const { says, setSays, chosen, choose, say, askClub } = useSaid(before, questions);
  const { places, place } = usePlaces(setSays);
  const [name, setName] = useState('');
  const { preview, trouble } = usePreview(bytes, says, player.hand, player.name);
  const seen = useSeen(questions, preview?.questions);
  // Where it cannot be read here, the server says why.
  const isOpen = preview === null ? trouble === null : preview.questions.length > 0;
  const whose = seen.find(({ kind }) => kind === 'parts');
  const parts = whose === undefined ? [] : (preview?.parts ?? []);
  const send = (): void => {
    const elsewhere = parts.flatMap((part) => {
      const to = places[part.key] ?? '';
      return to === '' || to === 'here' || to === 'out' ? [] : [{ part, place: to }];
    });
    onAnswer({ ...says, ...(name.trim() !== '' && { name: name.trim() }) }, elsewhere);
  };
  return (
    <section
      aria-label="Questions about the file"
      className="rounded-xl border-2 border-look bg-sheet p-4"
    >
      <h2 className="mb-2 text-xl">{title}</h2>
      {trouble !== null && <Notice>{trouble}</Notice>}
      <Questions
        questions={seen.filter(({ kind }) => kind !== 'parts')}
        chosen={chosen}
        onChoose={choose}
      />
      {whose !== undefined && parts.length > 0 && (
        <Parts
          text={whose.text}
          parts={parts}
          places={places}
          onPlace={(key, to) => place(parts, key, to)}
        />
      )}
      {preview === null ? (
        trouble === null && <p role="status">Reading …</p>
      ) : (
        <AsRead preview={preview} player={player} onSay={say} />
      )}
      <ClubsSaid clubs={says.clubs ?? []} onAsk={askClub} />
      <SourceName name={name} onName={setName} />
      <p role="status" className="mt-3 text-sm">
        {preview !== null && stateWords(preview)}
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button look="main" disabled={isOpen} onClick={send}>
          {sendWords}
        </Button>
        <Button onClick={onLeave}>{leaveWords}</Button>
      </div>
    </section>
  );
}
