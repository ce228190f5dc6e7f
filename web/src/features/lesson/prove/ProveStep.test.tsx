import { fireEvent, screen, within } from '@testing-library/react';
import type { Lesson } from '../../../api/client.ts';
import { lessonOf, stepOf } from '../../../testing/lesson.ts';
import type { MadeBalls } from '../../../testing/lesson.ts';
import { showLesson } from '../../../testing/render.tsx';
import { useLessonScreen } from '../lesson-store.ts';
import { ProveStep } from './ProveStep.tsx';

// A canvas draws nothing here; what it would show is in the words and the drawing beside it.
jest.mock('./BallChart.tsx', () => ({ __esModule: true, default: () => <p>The chart</p> }));

const before: MadeBalls = { pathDeg: -6, faceDeg: -6, block: 'baseline' };
const after: MadeBalls = { pathDeg: -1, faceDeg: -1, block: 'drill', drillId: 'rails' };
const play: MadeBalls = { pathDeg: -6, faceDeg: -6, block: 'play' };

function open(blocks: readonly MadeBalls[], change: (lesson: Lesson) => Lesson = (l) => l): void {
  useLessonScreen.getState().reset();
  showLesson(change(lessonOf(blocks)), (lesson) => <ProveStep {...stepOf(lesson)} />);
}
const verdict = () => document.querySelector('[data-verdict]')?.getAttribute('data-verdict');
const named = () =>
  within(screen.getByRole('region', { name: 'Before and after' })).getAllByRole('listitem');

describe('Prove', () => {
  it('judges the drill against the baseline on the two figures of its move', () => {
    open([before, after]);
    expect(['on plan', 'there']).toContain(verdict());
    expect(named().map((item) => item.textContent.replace(/(On plan|There).*/, ''))).toEqual([
      'Path',
      'Start',
    ]);
    expect(screen.getByRole('img', { name: /^Landings from above/ })).toBeInTheDocument();
  });

  it('compares the blocks the coach chooses by their chips', () => {
    open([before, after, play]);
    const chips = within(screen.getByRole('group', { name: 'After' }));
    fireEvent.click(chips.getByLabelText(/^Play/));
    expect(['no real change', 'not yet clear']).toContain(verdict());
    fireEvent.click(chips.getByLabelText(/^Drill: Rails/));
    expect(['on plan', 'there']).toContain(verdict());
  });

  it('judges a block on what was named when it was begun', () => {
    const aim = {
      move: 'face' as const,
      judged: ['faceToPathDeg' as const, 'startDirectionDeg' as const],
      targets: { faceToPathDeg: 0, startDirectionDeg: 0 },
    };
    open([before, after], (lesson) => ({
      ...lesson,
      blocks: lesson.blocks.map((block) => (block.kind === 'drill' ? { ...block, aim } : block)),
    }));
    expect(named()[0]!.textContent).toMatch(/^Face to path/);
  });

  it('folds the other figures, and says that none of them is the verdict', () => {
    open([before, after]);
    const others = screen.getByRole('region', { name: 'The other figures' });
    expect(others.closest('details')).not.toHaveAttribute('open');
    expect(others).toHaveTextContent('none of these is the verdict');
  });

  it('teaches how to get a second block, and what proof comes from', () => {
    open([before]);
    expect(screen.getByText(/there is only one yet/)).toBeInTheDocument();
    open([]);
    expect(screen.getByText(/Proof comes from balls/)).toBeInTheDocument();
  });
});
