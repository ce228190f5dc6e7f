import { EditorContent, useEditor } from '@tiptap/react';
import StarterKit from '@tiptap/starter-kit';
import { Bold, Italic, List } from 'lucide-react';
import { useEffect, useEffectEvent } from 'react';
import { dropTyped, keepTyped, leftTyped } from './typed.ts';

interface RichEditorProps {
  readonly label: string;
  readonly document: Record<string, unknown> | null;
  readonly onChange: (document: Record<string, unknown>) => void;
}

const TOOL = 'inline-flex size-11 items-center justify-center rounded-lg hover:bg-line/40';

/** Words with bold, italic and lists. */
export default function RichEditor({ label, document, onChange }: RichEditorProps) {
  const base = JSON.stringify(document ?? '');
  const left = leftTyped(label, base);
  const editor = useEditor({
    extensions: [StarterKit],
    content: (left === null ? document : (JSON.parse(left) as Record<string, unknown>)) ?? '',
    injectCSS: false,
    editorProps: {
      attributes: {
        'aria-label': label,
        role: 'textbox',
        'aria-multiline': 'true',
        class:
          'min-h-24 rounded-b-lg border border-faint bg-paper p-3 [&_ol]:list-decimal [&_ol]:pl-6 [&_ul]:list-disc [&_ul]:pl-6',
      },
    },
    onUpdate: ({ editor: own }) => keepTyped(label, base, JSON.stringify(own.getJSON())),
    onBlur: ({ editor: own }) => onChange(own.getJSON() as Record<string, unknown>),
  });
  const keepLeft = useEffectEvent(() => {
    if (left !== null) onChange(JSON.parse(left) as Record<string, unknown>);
  });
  useEffect(() => keepLeft(), []);
  // What was kept is not left any more.
  useEffect(() => {
    if (leftTyped(label, base) === null) dropTyped(label);
  }, [label, base]);
  const run = (command: 'toggleBold' | 'toggleItalic' | 'toggleBulletList') => () =>
    editor?.chain().focus()[command]().run();
  return (
    <div>
      <p className="mb-1 font-semibold">{label}</p>
      <div
        role="toolbar"
        aria-label="Text"
        className="flex rounded-t-lg border border-b-0 border-faint"
      >
        <button type="button" aria-label="Bold" className={TOOL} onClick={run('toggleBold')}>
          <Bold aria-hidden size={18} />
        </button>
        <button type="button" aria-label="Italic" className={TOOL} onClick={run('toggleItalic')}>
          <Italic aria-hidden size={18} />
        </button>
        <button type="button" aria-label="List" className={TOOL} onClick={run('toggleBulletList')}>
          <List aria-hidden size={18} />
        </button>
      </div>
      <EditorContent editor={editor} />
    </div>
  );
}
