import { partOf } from '@loxos/core';
import type { CauseLinkId, LinkValue } from '@loxos/core';
import type { Lesson } from '../../api/client.ts';
import { savePart } from './parts.ts';

/** Puts down what was seen of a link; the same again takes it back. */
export function see(lesson: Lesson, id: CauseLinkId, value: LinkValue): void {
  const own = partOf(lesson, 'causes').observations;
  const { [id]: current, ...rest } = own;
  const observed = current === value ? rest : { ...own, [id]: value };
  savePart(lesson, 'causes', { observations: observed }, 'what was seen');
}
