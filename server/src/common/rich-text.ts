import { ValidateBy } from 'class-validator';

/** The kinds of text the pages know. */
const BLOCKS = new Set([
  'doc',
  'paragraph',
  'heading',
  'bulletList',
  'orderedList',
  'listItem',
  'blockquote',
]);
const INLINE = new Set(['text', 'hardBreak']);
const MOST_NODES = 2000;
const MOST_LETTERS = 20_000;

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const areMarks = (marks: unknown): boolean =>
  marks === undefined ||
  (Array.isArray(marks) &&
    marks.every((mark) => isRecord(mark) && typeof mark['type'] === 'string'));

/** Returns whether a value is a document of the editor, of the kinds of text the pages can show. */
export function isRichText(value: unknown): boolean {
  let nodes = 0;
  let letters = 0;
  const isNode = (node: unknown): boolean => {
    nodes += 1;
    if (nodes > MOST_NODES || !isRecord(node)) return false;
    const { type, text, marks, content = [] } = node;
    if (typeof type !== 'string' || !areMarks(marks) || !Array.isArray(content)) return false;
    if (INLINE.has(type)) {
      if (text !== undefined && typeof text !== 'string') return false;
      letters += text?.length ?? 0;
      return letters <= MOST_LETTERS && content.length === 0;
    }
    return BLOCKS.has(type) && content.every(isNode);
  };
  return isRecord(value) && value['type'] === 'doc' && isNode(value);
}

/** A document of the editor. */
export const IsRichText = (): PropertyDecorator =>
  ValidateBy({
    name: 'isRichText',
    validator: {
      validate: isRichText,
      defaultMessage: (args) =>
        `${args?.property ?? ''}: text with headings, lists and quotes, at most ${MOST_LETTERS} letters`,
    },
  });
