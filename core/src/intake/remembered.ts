/** Texts met at most before all are forgotten: a file repeats the same few. */
const MOST_MET = 4000;

/** Returns what is made of a text, made once for each: the columns of a file repeat the same few. */
export function remembered<T>(make: (text: string) => T): (text: string) => T {
  const met = new Map<string, { readonly made: T }>();
  return (text) => {
    const known = met.get(text);
    if (known !== undefined) return known.made;
    if (met.size >= MOST_MET) met.clear();
    const made = make(text);
    met.set(text, { made });
    return made;
  };
}
