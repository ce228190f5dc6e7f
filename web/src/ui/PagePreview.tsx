import type { Hand, LengthUnit, PageContent } from '@loxos/core';
import { PageBody } from '../page/PageBody.tsx';
import { Catch } from './Panel.tsx';

interface PagePreviewProps {
  readonly content: PageContent;
  readonly hand: Hand;
  readonly unit: LengthUnit;
}

/** What a player will see once it is given. */
export function PagePreview({ content, hand, unit }: PagePreviewProps) {
  return (
    <section
      aria-label="What the player will see"
      className="min-w-0 self-start rounded-xl border-2 border-line bg-paper p-4"
    >
      <p className="mb-3 text-sm text-soft">What the player will see</p>
      <Catch name="What the player will see">
        <PageBody content={content} hand={hand} unit={unit} />
      </Catch>
    </section>
  );
}
