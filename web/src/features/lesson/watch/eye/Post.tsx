import { POST, convert, formatLength, partOf } from '@loxos/core';
import type { Lesson } from '../../../../api/client.ts';
import { useMay } from '../../../../api/account.ts';
import { Drawing } from '../../../../drawing/Drawing.tsx';
import { POST_BOX, postPlan } from '../../../../drawing/post-plan.ts';
import { Stepper } from '../../../../ui/Stepper.tsx';
import { savePart } from '../../parts.ts';

const WHY = 'A stick in the ground on the line: starts are then seen to half a degree.';
const THEN = 'On the line, so far ahead of the ball. Tap which side of it they pass.';

/** A start post on the line: where it is laid, and that it makes the eye's start as sure as the post. */
export function Post({ lesson }: { lesson: Lesson }) {
  const mayPlan = useMay('plan');
  const setUp = partOf(lesson, 'setup');
  const { lengthUnit: unit } = lesson.player;
  const show = (m: number): string => formatLength(m, unit, 1);
  /** Posts are paced off in the player's own unit. */
  const inM = (paces: number): number => convert(paces, unit, 'm');
  const set = (postM: number | null): void =>
    savePart(lesson, 'setup', { ...setUp, postM }, 'the start post');
  const { postM } = setUp;
  return (
    <div className="flex flex-col-reverse gap-2 border-t sm:flex-row sm:items-center sm:gap-4 border-faint pt-3">
      <Drawing
        shapes={postPlan(postM ?? inM(POST.usual), postM === null, show)}
        box={POST_BOX}
        title={`A start post on the target line, ${show(postM ?? inM(POST.usual))} ahead of the ball`}
        className="h-32 shrink-0 self-start"
      />
      <div className="min-w-0 flex-1">
        {mayPlan ? (
          <>
            <Stepper
              label="Start post"
              value={postM}
              start={inM(POST.usual)}
              step={inM(POST.step)}
              min={POST.fewestM}
              max={POST.mostM}
              show={show}
              blank="not laid"
              onChange={set}
            />
            <p className="mt-1 text-sm text-soft">{postM === null ? WHY : THEN}</p>
          </>
        ) : (
          <p>{postM === null ? 'No start post is laid.' : `Start post ${show(postM)} ahead.`}</p>
        )}
      </div>
    </div>
  );
}
