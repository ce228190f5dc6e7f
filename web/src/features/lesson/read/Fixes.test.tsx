import { fireEvent, render, screen } from '@testing-library/react';
import { pending } from '../../../testing/render.tsx';
import { useLog } from '../../../sync/log.ts';
import { lessonOf, readingOf } from '../../../testing/lesson.ts';
import { Fixes } from './Fixes.tsx';

const bodies = () => pending().map(({ fields }) => fields);

describe('what one tap puts right', () => {
  beforeEach(() => useLog.setState({ entries: [] }));

  it('asks which club it was, and names it for all its balls', () => {
    const lesson = lessonOf([{ club: null, pathDeg: -6, faceDeg: -6 }]);
    render(<Fixes lesson={lesson} reading={readingOf(lesson)} />);
    const name = screen.getByRole('button', { name: 'Name it' });
    expect(name).toBeDisabled();
    fireEvent.change(screen.getByLabelText('What is “Mystery stick”?'), {
      target: { value: 'pw' },
    });
    fireEvent.click(name);
    expect(bodies()).toEqual(Array.from({ length: 8 }, () => ({ club: 'pw' })));
  });

  it('turns a sign that is the wrong way round', () => {
    const right = lessonOf([{ pathDeg: -2, faceDeg: 6 }]);
    const lesson = {
      ...right,
      balls: right.balls.map((ball) => ({ ...ball, faceAngleDeg: -ball.faceAngleDeg! })),
    };
    render(<Fixes lesson={lesson} reading={readingOf(lesson)} />);
    fireEvent.click(screen.getByRole('button', { name: 'Turn the sign of the face angles' }));
    expect(bodies()).toEqual(
      right.balls.map(({ faceAngleDeg }) => ({
        faceAngleDeg: expect.closeTo(faceAngleDeg!, 9) as number,
        faceToPathDeg: null,
      })),
    );
  });

  it('offers nothing where nothing is wrong', () => {
    const lesson = lessonOf([{ pathDeg: -2, faceDeg: 0 }]);
    const { container } = render(<Fixes lesson={lesson} reading={readingOf(lesson)} />);
    expect(container).toBeEmptyDOMElement();
  });
});
