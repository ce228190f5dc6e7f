/** A readonly shape of core as it comes out of JSON: its own copy, whose lists the client of the API knows as lists. */
export type AsJson<T> = T extends object ? { -readonly [K in keyof T]: AsJson<T[K]> } : T;
