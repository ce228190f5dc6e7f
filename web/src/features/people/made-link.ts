/** A link made for somebody, shown once. */
export interface MadeLink {
  readonly link: string;
  readonly what: string;
}
