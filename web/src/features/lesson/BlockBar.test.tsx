import { fireEvent, screen, within } from '@testing-library/react';
import type { Lesson } from '../../api/client.ts';
import { lessonOf, stepOf } from '../../testing/lesson.ts';
import { pending, showLesson } from '../../testing/render.tsx';
import { BlockBar } from './BlockBar.tsx';

const bar = (lesson: Lesson): void =>
  showLesson(lesson, (live) => (
    <BlockBar lesson={live} worked={stepOf(live, null).worked} hasKey />
  ));

describe('the block bar', () => {
  it('says that none is begun, and begins the baseline with one tap', () => {
    bar(lessonOf([{ pathDeg: 0, faceDeg: 0 }]));
    expect(screen.getByText('No block begun')).toBeInTheDocument();
    expect(screen.getByLabelText('8 balls')).toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: /Next: Baseline/ }));
    expect(screen.getByText('Baseline')).toBeInTheDocument();
    expect(screen.getByLabelText('0 balls')).toBeInTheDocument();
    expect(pending()).toMatchObject([{ name: 'block.add', fields: { kind: 'baseline' } }]);
  });

  it('begins the next by its key', () => {
    bar(lessonOf([{ pathDeg: 0, faceDeg: 0, block: 'baseline' }]));
    fireEvent.keyDown(document.body, { key: 't' });
    expect(pending()).toMatchObject([{ name: 'block.add', fields: { kind: 'play' } }]);
  });

  it('begins any other in its dialog: a drill needs one chosen', () => {
    bar(lessonOf([{ pathDeg: 0, faceDeg: 0, block: 'baseline' }]));
    fireEvent.click(screen.getByRole('button', { name: /Baseline/ }));
    const dialog = within(screen.getByRole('dialog'));
    fireEvent.click(dialog.getByLabelText('Drill'));
    expect(dialog.getByRole('button', { name: 'Begin it' })).toBeDisabled();
    fireEvent.change(dialog.getByLabelText('Drill', { selector: 'select' }), {
      target: { value: 'overhang' },
    });
    fireEvent.change(dialog.getByLabelText('Step of its dose'), { target: { value: '2' } });
    fireEvent.change(dialog.getByLabelText(/^Note/), { target: { value: 'rod nearer' } });
    fireEvent.click(dialog.getByRole('button', { name: 'Begin it' }));
    expect(pending()).toMatchObject([
      {
        name: 'block.add',
        fields: { kind: 'drill', drillId: 'overhang', doseStep: 2, note: 'rod nearer' },
      },
    ]);
    expect(screen.queryByRole('dialog')).toBeNull();
    expect(screen.getByText('Drill: Overhang')).toBeInTheDocument();
  });

  it('lists the blocks so far, to be changed or taken away', () => {
    bar(lessonOf([{ pathDeg: 0, faceDeg: 0, block: 'baseline' }]));
    fireEvent.click(screen.getByRole('button', { name: /Baseline/ }));
    const line = within(screen.getByRole('region', { name: 'Blocks so far' }));
    fireEvent.change(line.getByLabelText('Hit as'), { target: { value: 'demonstration' } });
    fireEvent.click(line.getByRole('button', { name: /away/ }));
    expect(pending()).toMatchObject([
      { name: 'block.set', id: 'block-0', fields: { kind: 'demonstration' } },
      { name: 'block.remove', id: 'block-0' },
    ]);
    expect(screen.queryByRole('region', { name: 'Blocks so far' })).toBeNull();
  });
});
