import type { ReactNode } from 'react';
import { useMay } from '../api/account.ts';

interface ForCoachProps {
  /** Whether it says so: once on a screen is enough. */
  readonly isSaid?: boolean;
  readonly children: ReactNode;
}

/** What a coach changes: an assistant sees it, and cannot touch it. */
export function ForCoach({ isSaid = false, children }: ForCoachProps) {
  const mayPlan = useMay('plan');
  if (mayPlan) return children;
  return (
    <>
      {isSaid && (
        <p className="px-3 pt-3 text-soft lg:px-4">
          You log balls and repetitions; the plan is changed by a coach.
        </p>
      )}
      <fieldset disabled className="contents">
        {children}
      </fieldset>
    </>
  );
}
