import { screen } from '@testing-library/react';
import { show } from '../testing/render.tsx';
import { ForCoach } from './ForCoach.tsx';

const plan = (
  <ForCoach isSaid>
    <button type="button">Change the plan</button>
  </ForCoach>
);

describe('what a coach changes', () => {
  it('is a coach’s to change', () => {
    show(plan, { role: 'coach' });
    expect(screen.getByRole('button')).toBeEnabled();
    expect(screen.queryByText(/changed by a coach/)).toBeNull();
  });

  it('is seen by an assistant, who is told why it cannot be touched', () => {
    show(plan, { role: 'assistant' });
    expect(screen.getByRole('button')).toBeDisabled();
    expect(screen.getByText(/the plan is changed by a coach/)).toBeInTheDocument();
  });
});
