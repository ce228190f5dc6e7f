/** A database that a newer version has written to. */
export class NewerDatabase extends Error {}
