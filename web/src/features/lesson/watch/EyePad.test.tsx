import { fireEvent, render, screen } from '@testing-library/react';
import { pending } from '../../../testing/render.tsx';
import { useLog } from '../../../sync/log.ts';
import { lessonOf } from '../../../testing/lesson.ts';
import { EyePad } from './EyePad.tsx';

interface Tapped {
  readonly startDirectionDeg: number;
  readonly curveM: number | null;
  readonly offlineM: number | null;
  readonly strikeToeMm: number | null;
  readonly seen: string;
  readonly club: string;
}
const tapped = (): Tapped[] => pending().map(({ fields }) => fields as unknown as Tapped);
const pad = (name: RegExp): void => {
  fireEvent.click(screen.getByRole('button', { name }));
};

describe('tapping what was seen', () => {
  beforeEach(() => useLog.setState({ entries: [] }));

  it('asks for the club first', () => {
    render(<EyePad lesson={lessonOf([])} />);
    expect(screen.getByText(/Choose the club first/)).toBeInTheDocument();
    for (const button of screen.getAllByRole('button', { name: /starts/ }))
      expect(button).toBeDisabled();
    fireEvent.click(screen.getByRole('button', { name: '7 iron' }));
    pad(/starts straight, no bend/);
    expect(tapped()).toMatchObject([{ club: '7-iron', seen: 'eye' }]);
  });

  it('tells a slice from a fade, and how far off it started', () => {
    render(<EyePad lesson={lessonOf([{ pathDeg: 0, faceDeg: 0 }])} />);
    pad(/starts right, bends right/);
    fireEvent.click(screen.getAllByLabelText('much')[0]!);
    fireEvent.click(screen.getAllByLabelText('much')[1]!);
    pad(/starts right, bends right/);
    // What was told holds until it is said otherwise.
    pad(/starts right, bends right/);
    const [fade, slice, again] = tapped();
    expect(slice!.curveM).toBeGreaterThan(2 * fade!.curveM!);
    expect(slice!.startDirectionDeg).toBe(2 * fade!.startDirectionDeg);
    expect(again).toEqual(slice);
  });

  it('starts with nothing said, and takes the digits as taps', () => {
    render(<EyePad lesson={lessonOf([{ pathDeg: 0, faceDeg: 0 }])} />);
    for (const much of screen.getAllByRole('radio', { name: /a little|much/ }))
      expect(much).not.toBeChecked();
    fireEvent.keyDown(document.body, { key: '4' });
    expect(tapped()).toMatchObject([{ startDirectionDeg: -3, curveM: 0 }]);
  });

  it('says that a start post was laid', () => {
    render(<EyePad lesson={lessonOf([{ pathDeg: 0, faceDeg: 0 }])} />);
    fireEvent.click(screen.getByLabelText('Start post laid'));
    pad(/starts left, no bend/);
    expect(tapped()).toMatchObject([{ seen: 'post' }]);
  });

  it('keeps the finish and the strike that were seen', () => {
    render(<EyePad lesson={lessonOf([{ pathDeg: 0, faceDeg: 0 }], { lengthUnit: 'yd' })} />);
    fireEvent.change(screen.getByLabelText(/Finished/), { target: { value: '10 L' } });
    fireEvent.click(screen.getByLabelText('toe'));
    pad(/starts straight, no bend/);
    expect(tapped()[0]).toMatchObject({
      offlineM: expect.closeTo(-9.144, 6) as number,
      curveM: null,
      strikeToeMm: 15,
    });
  });

  it('says how to write a finish it cannot read, and keeps what was typed', () => {
    render(<EyePad lesson={lessonOf([{ pathDeg: 0, faceDeg: 0 }])} />);
    fireEvent.change(screen.getByLabelText(/Finished/), { target: { value: 'over there' } });
    expect(screen.getByRole('alert')).toHaveTextContent('12 L or 8 R');
    expect(screen.getByRole('button', { name: /starts left, no bend/ })).toBeDisabled();
    expect(screen.getByLabelText(/Finished/)).toHaveValue('over there');
  });
});
