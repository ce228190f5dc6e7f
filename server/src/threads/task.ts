/** Work too long for the thread that answers requests: plain values in, plain values out. Its name is its thread's to find it by. */
export interface Task<I, O> {
  readonly name: string;
  readonly work: (input: I) => O | Promise<O>;
}
