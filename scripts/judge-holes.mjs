/** The number of an advisory, from its address. */
const idOf = (url = '') => url.split('/').pop();

/**
 * Sorts what `npm audit` knows into what is open and what somebody has looked at. `exceptions`: each with the advisory's `id`, `why`
 * it does no harm here, and `until` which day (ISO) that holds.
 */
export function judged(vulnerabilities, exceptions, today) {
  const known = new Map();
  for (const { via } of Object.values(vulnerabilities))
    for (const one of via)
      if (typeof one === 'object')
        known.set(idOf(one.url), { id: idOf(one.url), name: one.name, title: one.title });
  const open = [];
  const excused = [];
  for (const hole of known.values()) {
    const exception = exceptions.find(({ id }) => id === hole.id);
    if (exception !== undefined && exception.until >= today) excused.push(hole);
    else {
      const why = exception === undefined ? '' : ` (excused until ${exception.until}: look again)`;
      open.push({ ...hole, why });
    }
  }
  return { open, excused };
}
