import { create } from 'zustand';
import type { IntakeResult } from '../api/client.ts';
import { didUndoably } from '../app/undo.ts';
import { amend } from './log.ts';
import type { Entry } from './entry.ts';
import { newId } from './new-id.ts';
import { isFile } from './pending.ts';
import type { SaidOfFile } from './pending.ts';
import { push, pushFile } from './push.ts';
import { step } from './step.ts';

/** What the server made of a launch file. */
interface Arrival {
  /** Name of the change that brought it. */
  readonly changeId: string;
  readonly lessonId: string;
  readonly result: IntakeResult;
}

/** The launch files taken since the last drop, by lesson: said where they were dropped. */
export const useArrivals = create<Readonly<Record<string, readonly IntakeResult[] | undefined>>>()(
  () => ({}),
);

/** Files dropped on this very page, with what undoes each: null takes it back. */
const dropped = new Map<string, (() => void) | null>();

function show({ changeId, lessonId, result }: Arrival): void {
  useArrivals.setState((all) => ({ [lessonId]: [...(all[lessonId] ?? []), result] }));
  const added = result.outcome === 'added' ? result.file : null;
  const undo = dropped.get(changeId);
  if (added === null || undo === undefined) return;
  dropped.delete(changeId);
  didUndoably(result.message, undo ?? (() => takeFileBack(lessonId, added.id)));
}

/** One tab sends, any tab may have been dropped on: each is told. */
const tabs = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('loxos-files');
tabs?.addEventListener('message', ({ data }) => show(data as Arrival));

/** Returns what a launch file asks before its balls count; null where it asks nothing. */
export const asksOf = (result: IntakeResult): IntakeResult | null =>
  result.outcome === 'questions' ? result : null;

/** Says what became of a launch file, in every tab. */
export function announce({ id, change }: Entry, result: IntakeResult): void {
  if (!isFile(change)) return;
  const arrival = { changeId: id, lessonId: change.lessonId, result };
  show(arrival);
  tabs?.postMessage(arrival);
}

/** Brings a launch file into a lesson: kept here until the server has it; `undo` where it does more than come. Rejects where it cannot be read. */
export async function bringFile(
  lessonId: string,
  file: File,
  { answers, isAskedAgain }: SaidOfFile = { answers: null, isAskedAgain: false },
  undo: (() => void) | null = null,
): Promise<void> {
  const bytes = await file.arrayBuffer();
  const id = newId();
  dropped.set(id, undo);
  const kept = { name: file.name, bytes };
  await pushFile({ lessonId, file: kept, answers, isAskedAgain }, id);
}

/** Sends a launch file again with what it left open answered. */
export function answerFile({ id, change }: Entry, answers: SaidOfFile['answers']): void {
  if (!isFile(change)) return;
  if (!dropped.has(id)) dropped.set(id, null);
  void amend(id, { ...change, answers, isAskedAgain: false });
}

/** Brings files into a lesson one after the other; what became of those before is said no more. */
export async function bringFiles(lessonId: string, files: readonly File[]): Promise<void> {
  useArrivals.setState({ [lessonId]: undefined });
  for (const file of files) await bringFile(lessonId, file);
}

/** Reads a file of a lesson again by other answers; undo reads it by those of before. */
export async function readAgain(
  lessonId: string,
  file: File,
  { now, before }: Readonly<Record<'now' | 'before', NonNullable<SaidOfFile['answers']>>>,
): Promise<void> {
  useArrivals.setState({ [lessonId]: undefined });
  const back = (): void => void readAgain(lessonId, file, { now: before, before: now });
  await bringFile(lessonId, file, { answers: now, isAskedAgain: true }, back);
}

/** Takes a file's balls back out of its lesson; dropping it again brings them back. */
export function takeFileBack(lessonId: string, fileId: string): void {
  useArrivals.setState({ [lessonId]: undefined });
  void push(step('file.remove', { id: fileId, of: lessonId }));
}
