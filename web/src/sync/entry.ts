import type { IntakeResult } from '../api/client.ts';
import type { Pending } from './pending.ts';

/** Why a change stands on the shelf. */
export interface Refusal {
  /** In the server's own words. */
  readonly reason: string;
  /** With a conflict: the fields as they are now, with their version; null for any other refusal. */
  readonly current: Readonly<Record<string, unknown>> | null;
  /** With a launch file that leaves something open: what it asks. */
  readonly asks?: IntakeResult;
}

/** A change as the log keeps it, until the server has it. */
export interface Entry {
  /** The name the server knows it by: sent twice, it is taken once. */
  readonly id: string;
  /** Order made in this browser, over all its tabs. */
  readonly order: number;
  readonly at: string;
  readonly change: Pending;
  /** Null while it is on its way; why it was refused once it is on the shelf. */
  readonly refusal: Refusal | null;
}
