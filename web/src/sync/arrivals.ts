import { create } from 'zustand';
import type { IntakeResult } from '../api/client.ts';
import { didUndoably } from '../app/undo.ts';
import { amend, push } from './log.ts';
import type { Entry } from './log-db.ts';
import { newId } from './new-id.ts';
import type { SaidOfFile } from './pending.ts';

/** What the server made of a launch file. */
interface Arrival {
  /** Name of the change that brought it. */
  readonly changeId: string;
  readonly lessonId: string;
  readonly result: IntakeResult;
}

/** The last launch file taken, by lesson: said where it was dropped. */
export const useArrivals = create<Readonly<Record<string, IntakeResult | undefined>>>()(() => ({}));

/** Files dropped on this very page, which can undo them. */
const dropped = new Set<string>();

function show({ changeId, lessonId, result }: Arrival): void {
  useArrivals.setState({ [lessonId]: result });
  const added = result.outcome === 'added' ? result.file : null;
  if (added === null || !dropped.delete(changeId)) return;
  didUndoably(result.message, () => takeFileBack(lessonId, added.id));
}

/** One tab sends, any tab may have been dropped on: each is told. */
const tabs = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('loxos-files');
tabs?.addEventListener('message', ({ data }) => show(data as Arrival));

/** What a launch file asks before its balls count; null where the answer is no question, or of no file. */
export function asksOf({ change }: Entry, answer: unknown): IntakeResult | null {
  if (change.op !== 'file') return null;
  const result = answer as IntakeResult;
  return result.outcome === 'questions' ? result : null;
}

/** Says what became of a launch file, in every tab. */
export function announce({ id, change }: Entry, answer: unknown): void {
  if (change.op !== 'file') return;
  const result = answer as IntakeResult;
  const arrival = { changeId: id, lessonId: change.lessonId, result };
  show(arrival);
  tabs?.postMessage(arrival);
}

/** Brings a launch file into a lesson: kept here until the server has it. Rejects where it cannot be read. */
export async function bringFile(
  lessonId: string,
  file: File,
  { answers, isAskedAgain }: SaidOfFile = { answers: null, isAskedAgain: false },
): Promise<void> {
  const bytes = await file.arrayBuffer();
  const id = newId();
  dropped.add(id);
  useArrivals.setState({ [lessonId]: undefined });
  const kept = { name: file.name, bytes };
  await push({ op: 'file', lessonId, file: kept, answers, isAskedAgain }, id);
}

/** Sends a launch file again with what it left open answered. */
export function answerFile({ id, change }: Entry, answers: SaidOfFile['answers']): void {
  if (change.op !== 'file') return;
  dropped.add(id);
  void amend(id, { ...change, answers, isAskedAgain: false });
}

/** Takes a file's balls back out of its lesson; dropping it again brings them back. */
export function takeFileBack(lessonId: string, fileId: string): void {
  useArrivals.setState({ [lessonId]: undefined });
  void push({ op: 'unfile', lessonId, fileId });
}
