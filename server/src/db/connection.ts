/** One way to a database. What is asked of it is asked one after the other; a transaction is of all that is asked until it ends. */
export interface Connection {
  /** The rows of one statement, each as its columns in order. */
  ask(sql: string, args?: readonly unknown[]): Promise<unknown[][]>;
  /** Begins a transaction that will write. */
  begin(): Promise<void>;
  commit(): Promise<void>;
  rollback(): Promise<void>;
  /** Runs all of some statements or none, with foreign keys unwatched: tables are laid out anew. */
  migrate(statements: readonly string[]): Promise<void>;
  close(): void;
}
