import { partOf } from '@loxos/core';
import type { Lesson } from '../../../../api/client.ts';
import { Clubs } from './Clubs.tsx';
import { LastTap } from './LastTap.tsx';
import { Pad } from './Pad.tsx';
import { Post } from './Post.tsx';
import { SecondTouch } from './SecondTouch.tsx';
import { useEye } from './use-eye.ts';

/**
 * What the eye saw, one touch a ball: across, where it starts; up and down, how it bends; at the outer edge, much of it. How much is open
 * unless it is said. Read backwards, the balls are as unsure as the eye is.
 */
export function EyePad({ lesson }: { lesson: Lesson }) {
  const eye = useEye(lesson);
  const { postM } = partOf(lesson, 'setup');
  return (
    <section aria-label="By eye" className="panel space-y-2.5 p-2 sm:p-4">
      <LastTap lesson={lesson} ball={eye.last} isReady={eye.isReady} takeBack={eye.takeBack} />
      <Clubs clubs={eye.clubs} chosen={eye.club} choose={eye.setClub} />
      <Pad isReady={eye.isReady} tap={eye.tap} />
      <SecondTouch eye={eye} lesson={lesson} postM={postM} />
      {eye.isReady && (
        <p className="hidden text-sm text-soft lg:block">
          The digits are this pad, with Shift much of it. Steps: Alt and the digit.
        </p>
      )}
      <Post lesson={lesson} />
    </section>
  );
}
