import type { Fields, ThingName, Verb } from '@loxos/core';
import type { Scope } from '../common/scope.ts';
import type { Handle } from '../db/handle.ts';

/** A thing as it stands before a change. */
export interface Found {
  /** As history names it. */
  readonly id: string;
  /** The id of what it is of; empty where it is of nothing. */
  readonly of: string;
  /** What it is called in history: "ball 3". */
  readonly label: string;
  /** Its fields by their path, and whether it is taken away (`deleted`). */
  readonly fields: Fields;
  readonly version: number;
  readonly lessonId?: string | null;
  readonly playerId?: string | null;
}

/** What is said of a thing that is to be made. `A`: what its own class takes. */
export interface Making<A extends object = Fields> {
  readonly id: string;
  readonly of: string;
  /** Checked by the thing's own class. */
  readonly fields: A;
  /** When, an instant. */
  readonly at: string;
}

/** What is to be written of a thing. */
export interface Saving {
  /** What differs; `deleted` where it is taken away or brought back. */
  readonly fields: Fields;
  readonly version: number;
  readonly at: string;
  /** The name of who changes it. */
  readonly who: string;
}

/** What is about to be written of a thing, to be looked at. */
export interface Checking<F extends Found = Found> {
  readonly scope: Scope;
  readonly tx: Handle;
  readonly found: F;
  readonly verb: Verb;
  readonly fields: Fields;
}

type FieldsClass = new () => object;

/** How things of one kind are found, checked and stored; what all of them share is the executor's. */
export abstract class Edits<F extends Found = Found, A extends object = Fields> {
  abstract readonly thing: ThingName;
  /** What checks the fields of a new one, and of a change; nothing is taken where there is none. */
  readonly fieldsOf: { readonly add?: FieldsClass; readonly set?: FieldsClass } = {};
  /** What the id of a new one must look like, and what is said where it does not. */
  readonly id: { readonly pattern: RegExp; readonly reason: string } = UUID;

  /** Finds it, taken away or not; null where there is none. */
  abstract find(scope: Scope, db: Handle, id: string, of: string): Promise<F | null>;

  /** Makes one. Throws where it cannot be. */
  make(_scope: Scope, _tx: Handle, _made: Making<A>): Promise<void> {
    throw new Error(`no ${this.thing} is made by a change`);
  }

  /** Says what of the fields is to be written. Throws where somebody may not, or where they cannot be. */
  check({ fields }: Checking<F>): Promise<Fields> {
    return Promise.resolve(fields);
  }

  /** Says what was done where its verb alone does not; undefined where it does. */
  did(_scope: Scope, _tx: Handle, _fields: Fields): Promise<string | undefined> {
    return Promise.resolve(undefined);
  }

  abstract save(scope: Scope, tx: Handle, found: F, saving: Saving): Promise<void>;

  /** Reads it as screens read it; null where it is not there, or taken away. */
  abstract read(scope: Scope, db: Handle, id: string, of: string): Promise<object | null>;
}

const UUID = {
  pattern: /^[\da-f]{8}-[\da-f]{4}-[\da-f]{4}-[\da-f]{4}-[\da-f]{12}$/i,
  reason: 'id: give it a UUID',
};

/** All kinds of things that can be edited, where they are gathered. */
export const EDITS = Symbol('edits');
