import type { Fields, Step } from '@loxos/core';
import { create } from 'zustand';
import { newId } from './new-id.ts';
import { deleteEntry, putEntry, readEntries } from './log-db.ts';
import type { Entry, Refusal } from './entry.ts';
import { isFile } from './pending.ts';
import type { Pending } from './pending.ts';

interface Log {
  /** Every change the server has not yet acknowledged, the oldest first. */
  readonly entries: readonly Entry[];
  /** Whether the browser keeps them; where it cannot, they live only as long as this page. */
  readonly isKept: boolean;
  /** How many of them the browser is still writing down: until it has, a page that goes takes them with it. */
  readonly unwritten: number;
}

export const useLog = create<Log>()(() => ({ entries: [], isKept: true, unwritten: 0 }));

const byOrder = (entries: readonly Entry[]): Entry[] =>
  [...entries].sort((a, b) => a.order - b.order);

/** Tells the other tabs of this browser that the log has changed. */
const tabs = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('loxos-log');

/** What is being written to the browser's store and what is being taken out, by id: it does not know yet. */
const writing = new Set<string>();
const taking = new Set<string>();

async function settle(among: Set<string>, id: string, work: Promise<void>): Promise<void> {
  among.add(id);
  useLog.setState({ unwritten: writing.size });
  try {
    await work;
    among.delete(id);
    useLog.setState({ isKept: true, unwritten: writing.size });
  } catch {
    // What the browser could not keep stays in the page, as long as that lives.
    useLog.setState({ isKept: false });
  }
  tabs?.postMessage('changed');
}

/** Puts a change down: it shows at once, is kept in the browser, and goes to the server in its turn. */
export function add(change: Pending, id = newId()): Promise<void> {
  const { entries } = useLog.getState();
  const order = Math.max(Date.now(), (entries.at(-1)?.order ?? 0) + 1);
  const entry: Entry = {
    id,
    order,
    at: new Date().toISOString(),
    change,
    refusal: null,
  };
  useLog.setState({ entries: [...entries, entry] });
  return settle(writing, entry.id, putEntry(entry));
}

function replace(id: string, next: (entry: Entry) => Entry): Promise<void> {
  const { entries } = useLog.getState();
  const found = entries.find((entry) => entry.id === id);
  if (found === undefined) return Promise.resolve();
  const made = next(found);
  useLog.setState({ entries: byOrder(entries.map((entry) => (entry.id === id ? made : entry))) });
  return settle(writing, id, putEntry(made));
}

/** Lets a change go: the server has it, or nobody wants it any more. */
export function drop(id: string): Promise<void> {
  useLog.setState(({ entries }) => ({ entries: entries.filter((entry) => entry.id !== id) }));
  return settle(taking, id, deleteEntry(id));
}

/** Puts a refused change on the shelf, where it waits for the coach. */
export const shelve = (id: string, refusal: Refusal): Promise<void> =>
  replace(id, (entry) => ({ ...entry, refusal }));

/** Returns a change that knows of the version it goes over, of the thing that clashed and of no other. */
function knowing(change: Pending, { id, version }: Fields): Pending {
  if (isFile(change) || typeof version !== 'number') return change;
  const isOne = change.steps.some((step) => step.id === id);
  const seeing = (step: Step): Step =>
    isOne && step.id !== id ? step : { ...step, seen: version };
  const [first, ...rest] = change.steps;
  return { steps: [seeing(first), ...rest.map(seeing)] };
}

/** Sends a refused change again; after a conflict, knowing what it goes over. */
export const sendAgain = (id: string): Promise<void> =>
  replace(id, (entry) => {
    const current = entry.refusal?.current ?? null;
    const change = current === null ? entry.change : knowing(entry.change, current);
    return { ...entry, change, refusal: null };
  });

/** Sends what was refused in another form: a launch file with its questions answered. */
export const amend = (id: string, change: Pending): Promise<void> =>
  replace(id, (entry) => ({ ...entry, change, refusal: null }));

/** Returns what is on its way: made, shown, and not refused. */
export const waiting = (entries: readonly Entry[]): Entry[] =>
  entries.filter(({ refusal }) => refusal === null);

/** Reads the log as the browser keeps it: at the start, and when another tab has changed it. */
export async function readLog(): Promise<void> {
  try {
    const kept = await readEntries();
    useLog.setState(({ entries }) => {
      const ours = entries.filter(({ id }) => writing.has(id));
      const theirs = kept.filter(({ id }) => !taking.has(id) && !writing.has(id));
      return { entries: byOrder([...theirs, ...ours]), isKept: true };
    });
  } catch {
    useLog.setState({ isKept: false });
  }
}

/** Follows what other tabs do, from now on. */
export function followTabs(onChange: () => void): void {
  tabs?.addEventListener('message', onChange);
}
