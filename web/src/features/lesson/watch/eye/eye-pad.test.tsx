import { fireEvent, screen, within } from '@testing-library/react';
import { useUndo } from '../../../../app/undo.ts';
import { useLog } from '../../../../sync/log.ts';
import { lessonOf } from '../../../../testing/lesson.ts';
import { pending, show } from '../../../../testing/render.tsx';
import type { Ball, Lesson } from '../../../../api/client.ts';
import { lastClubs } from './Clubs.tsx';
import { EyePad } from './EyePad.tsx';
import { touched } from './place.ts';

const fields = (): Record<string, unknown>[] =>
  pending().map((one) => one.fields as Record<string, unknown>);
const place = (name: RegExp): HTMLElement => screen.getByRole('button', { name });
const press = (key: string, more: object = {}): void =>
  void fireEvent.keyDown(document.body, { key, ...more });

/** A lesson whose only ball a monitor measured, with a 7 iron. */
const measured = (): Lesson => lessonOf([{ pathDeg: 0, faceDeg: 0 }]);

/** A lesson whose last ball was tapped. */
function tappedLesson(ball: Partial<Ball>, parts: Lesson['parts'] = []): Lesson {
  const lesson = measured();
  const tap: Partial<Ball> = {
    ...{ seen: 'eye', startDirectionDeg: -5.5, curveM: 13.5, carryM: 150, openAmount: 'both' },
    ...{ strikeToeMm: null, offlineM: null, faceAngleDeg: null, clubPathDeg: null },
  };
  return { ...lesson, parts, balls: [{ ...lesson.balls[0]!, ...tap, ...ball }] };
}

beforeEach(() => {
  useLog.setState({ entries: [] });
  useUndo.setState({ steps: [] });
});

describe('one touch', () => {
  it('is a ball, once the club is known', () => {
    show(<EyePad lesson={lessonOf([])} />);
    expect(screen.getByRole('status', { name: 'The ball tapped last' })).toHaveTextContent(
      /Choose the club first/,
    );
    for (const button of screen.getAllByRole('button', { name: /starts/ }))
      expect(button).toBeDisabled();
    fireEvent.click(screen.getByRole('button', { name: '7 iron' }));
    fireEvent.click(place(/starts straight, no bend/));
    expect(fields()).toMatchObject([{ club: '7-iron', seen: 'eye', openAmount: null, curveM: 0 }]);
  });

  it('tells the side and leaves open how much, by finger and by key', () => {
    show(<EyePad lesson={measured()} />);
    fireEvent.click(place(/starts right, bends right/));
    press('3', { code: 'Digit3' });
    const [touch, key] = fields();
    expect(touch).toMatchObject({ openAmount: 'both' });
    expect(key).toEqual(touch);
  });

  it('tells much where it lies far out, and with Shift', () => {
    expect(touched(-1, 1, { x: 0.5, y: 0.5 })).toEqual({ start: 'left', bend: 'right' });
    expect(touched(-1, 1, { x: 0.1, y: 0.5 })).toEqual({ start: -2, bend: 'right' });
    expect(touched(-1, 1, { x: 0.9, y: 0.9 })).toEqual({ start: 'left', bend: 2 });
    expect(touched(1, -1, { x: 0.9, y: 0.1 })).toEqual({ start: 2, bend: -2 });
    expect(touched(0, 0, { x: 0, y: 1 })).toEqual({ start: 0, bend: 0 });
    show(<EyePad lesson={measured()} />);
    press('"', { code: 'Digit2', shiftKey: true });
    press('$', { code: 'Digit4', shiftKey: true });
    const [slice, pull] = fields();
    // A slice bends 14 % of its carry, and the straight pull starts 6° off (common practice, as the eye's amounts).
    expect(slice).toMatchObject({ startDirectionDeg: 0, openAmount: null });
    expect(slice!['curveM'] as number).toBeGreaterThan(0.1 * (slice!['carryM'] as number));
    expect(pull).toMatchObject({ startDirectionDeg: -6, curveM: 0, openAmount: null });
  });

  it('covers the pad with nothing: it is remembered, and taken back', () => {
    show(<EyePad lesson={tappedLesson({})} />);
    press('5', { code: 'Numpad5' });
    expect(useUndo.getState().steps.map(({ label }) => label)).toEqual(['Ball added']);
    fireEvent.click(screen.getByRole('button', { name: /Take it back/ }));
    press('Backspace');
    expect(pending().map(({ name }) => name)).toEqual(['ball.add', 'ball.remove', 'ball.remove']);
  });

  it('is seen by a post where one is laid', () => {
    const parts = [
      { part: 'setup', value: { postM: 4 }, version: 1 },
    ] as unknown as Lesson['parts'];
    show(<EyePad lesson={{ ...measured(), parts }} />);
    fireEvent.click(place(/starts left, no bend/));
    expect(fields()).toMatchObject([{ seen: 'post', openAmount: 'start' }]);
  });
});

describe('a second touch', () => {
  it('stands under what the last ball was told to be', () => {
    show(<EyePad lesson={tappedLesson({ strikeToeMm: 15 })} />);
    expect(screen.getByRole('status', { name: 'The ball tapped last' })).toHaveTextContent(
      'Ball 1: Starts left, bends right, off the toe.',
    );
    expect(screen.getByRole('button', { name: /Toe/ })).toHaveAttribute('aria-pressed', 'true');
  });

  it('says how much it bent, and how far off line it started', () => {
    show(<EyePad lesson={tappedLesson({})} />);
    const bent = within(screen.getByRole('group', { name: 'Bent' }));
    fireEvent.click(bent.getByRole('button', { name: /much/ }));
    fireEvent.click(
      within(screen.getByRole('group', { name: 'Off line' })).getByRole('button', {
        name: /little/,
      }),
    );
    press('-');
    expect(fields()).toEqual([
      { curveM: expect.closeTo(21, 6) as number, openAmount: 'start' },
      { startDirectionDeg: -3, openAmount: 'bend' },
      { curveM: expect.closeTo(8.25, 6) as number, openAmount: 'start' },
    ]);
  });

  it('says the strike, and takes it away again', () => {
    show(<EyePad lesson={tappedLesson({ contact: 'fat' })} />);
    press('h');
    press('n');
    press('f');
    expect(fields()).toEqual([{ strikeToeMm: -15 }, { contact: 'thin' }, { contact: null }]);
  });

  it('says by how much it passed the post', () => {
    const parts = [
      { part: 'setup', value: { postM: 4 }, version: 1 },
    ] as unknown as Lesson['parts'];
    show(<EyePad lesson={tappedLesson({ seen: 'post' }, parts)} />);
    fireEvent.click(screen.getByRole('button', { name: 'two hands' }));
    // 20 cm at 4 m: arctan 0.05 = 2.86°.
    expect(fields()).toEqual([
      { startDirectionDeg: expect.closeTo(-2.8624, 4) as number, openAmount: 'bend' },
    ]);
  });

  it('says where it finished, in the player’s unit, and keeps what it cannot read', () => {
    const lesson = tappedLesson({});
    show(<EyePad lesson={{ ...lesson, player: { ...lesson.player, lengthUnit: 'yd' } }} />);
    const field = screen.getByLabelText(/Finished/);
    fireEvent.change(field, { target: { value: 'over there' } });
    fireEvent.blur(field);
    expect(screen.getByRole('alert')).toHaveTextContent('12 L or 8 R');
    expect(field).toHaveValue('over there');
    expect(fields()).toEqual([]);
    fireEvent.change(field, { target: { value: '10 L' } });
    fireEvent.blur(field);
    expect(fields()).toEqual([
      { offlineM: expect.closeTo(-9.144, 6) as number, curveM: null, openAmount: 'start' },
    ]);
  });

  it('is nothing to a ball a monitor measured', () => {
    show(<EyePad lesson={measured()} />);
    expect(screen.queryByRole('group', { name: 'Struck' })).toBeNull();
    press('h');
    press('Backspace');
    expect(pending()).toEqual([]);
  });
});

describe('the clubs of the pad', () => {
  it('are the last four hit, filled up with the usual ones, in the order of a bag', () => {
    const hit = (...clubs: string[]) => clubs.map((club) => ({ club }) as Ball);
    expect(lastClubs([], '')).toEqual(['driver', '5-iron', '7-iron', 'pw']);
    expect(
      lastClubs(hit('3-wood', '9-iron', '9-iron', '4-iron', '8-iron', '6-iron'), '6-iron'),
    ).toEqual([...['4-iron', '6-iron', '8-iron', '9-iron']]);
  });

  it('go on by key, and any other is behind one touch', () => {
    show(<EyePad lesson={measured()} />);
    expect(screen.getByRole('button', { name: '7 iron' })).toHaveAttribute('aria-pressed', 'true');
    press('c');
    press('5', { code: 'Digit5' });
    fireEvent.click(screen.getByRole('button', { name: 'Another club' }));
    fireEvent.click(within(screen.getByRole('dialog')).getByRole('button', { name: '3 wood' }));
    fireEvent.click(place(/starts straight, no bend/));
    expect(fields().map(({ club }) => club)).toEqual(['pw', '3-wood']);
  });
});

it('says how the post is laid, and lays it', () => {
  show(<EyePad lesson={measured()} />);
  const post = within(screen.getByRole('group', { name: 'Start post' }));
  fireEvent.click(post.getByRole('button', { name: /more/ }));
  expect(pending()).toMatchObject([{ fields: { postM: 4 } }]);
  expect(screen.getByRole('img', { name: /start post on the target line/ })).toBeVisible();
});
