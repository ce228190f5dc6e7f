import type { ReactNode } from 'react';

/** A node of the editor's document. */
interface RichNode {
  readonly type?: string;
  readonly text?: string;
  readonly marks?: readonly { readonly type: string }[];
  readonly content?: readonly RichNode[];
}

function Inline({ node }: { node: RichNode }): ReactNode {
  if (node.type === 'hardBreak') return <br />;
  const marks = new Set(node.marks?.map(({ type }) => type));
  let shown: ReactNode = node.text ?? '';
  if (marks.has('bold')) shown = <b>{shown}</b>;
  if (marks.has('italic')) shown = <em>{shown}</em>;
  return shown;
}

function Block({ node }: { node: RichNode }): ReactNode {
  const inside = (node.content ?? []).map((child, index) =>
    child.type === 'text' || child.type === 'hardBreak' ? (
      <Inline key={index} node={child} />
    ) : (
      <Block key={index} node={child} />
    ),
  );
  switch (node.type) {
    case 'heading':
      return <h3 className="text-lg">{inside}</h3>;
    case 'bulletList':
      return <ul className="list-disc pl-6">{inside}</ul>;
    case 'orderedList':
      return <ol className="list-decimal pl-6">{inside}</ol>;
    case 'listItem':
      return <li>{inside}</li>;
    case 'blockquote':
      return <blockquote className="border-l-4 border-line pl-3">{inside}</blockquote>;
    case 'doc':
      return <div className="space-y-2">{inside}</div>;
    default:
      return <p>{inside}</p>;
  }
}

/** The coach's words as written: only kinds of text this app knows, never markup of its own. */
export const RichText = ({ document }: { document: Record<string, unknown> }) => (
  <Block node={document} />
);

/** Returns the words alone, paragraph by paragraph. */
export function plainText(node: unknown): string[] {
  const { type, text, content = [] } = node as RichNode;
  if (type === 'text') return [text ?? ''];
  const inside = content.map(plainText);
  const isLine = content.some((child) => child.type === 'text');
  return isLine ? [inside.flat().join('')] : inside.flat();
}
