interface Hole {
  readonly id: string;
  readonly name: string;
  readonly title: string;
}
export function judged(
  vulnerabilities: object,
  exceptions: readonly { readonly id: string; readonly why: string; readonly until: string }[],
  today: string,
): {
  readonly open: readonly (Hole & { readonly why: string })[];
  readonly excused: readonly Hole[];
};
