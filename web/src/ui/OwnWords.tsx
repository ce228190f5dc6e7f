import type { RichText } from '@loxos/core';
import { Suspense, lazy } from 'react';
import { Catch } from './Panel.tsx';

const RichEditor = lazy(() => import('./RichEditor.tsx'));

interface OwnWordsProps {
  readonly document: RichText | null;
  /** Hears of another text only. */
  readonly onChange: (document: RichText | null) => void;
}

/** The coach’s own words for a page, in an editor that is fetched when it is looked at. */
export function OwnWords({ document, onChange }: OwnWordsProps) {
  return (
    <Catch name="Your own words">
      <Suspense fallback={<p className="text-soft">Opening the editor …</p>}>
        <RichEditor
          label="In your own words"
          document={document}
          onChange={(words) =>
            JSON.stringify(words) !== JSON.stringify(document) && onChange(words)
          }
        />
      </Suspense>
    </Catch>
  );
}
