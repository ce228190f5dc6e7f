import type { Handle } from './handle.ts';

/**
 * Returns a query that is built once for each connection, since building one takes longer than asking it: what is asked stands
 * in it as placeholders. One that is built differently by what is asked is kept for each `shape`.
 */
export function keptQuery<Q, S extends string = never>(
  build: (db: Handle, shape: S) => Q,
): (db: Handle, shape?: S) => Q {
  const built = new WeakMap<Handle, Map<S | undefined, Q>>();
  return (db, shape) => {
    const ofHandle = built.get(db) ?? new Map<S | undefined, Q>();
    built.set(db, ofHandle);
    const found = ofHandle.get(shape) ?? build(db, shape as S);
    ofHandle.set(shape, found);
    return found;
  };
}
