import { homeworkState } from './homework.ts';

const days = ['2026-05-03', '2026-05-06', '2026-05-09', '2026-05-12'];

it('counts what is due by today, and today is not yet past', () => {
  expect(homeworkState(days, ['2026-05-03', '2026-05-06'], '2026-05-09')).toEqual({
    done: 2,
    due: 2,
    of: 4,
    isStopped: false,
  });
});

it('has stopped after two in a row that were missed, whatever was done before', () => {
  expect(homeworkState(days, ['2026-05-03'], '2026-05-10').isStopped).toBe(true);
  expect(homeworkState(days, ['2026-05-03', '2026-05-09'], '2026-05-10').isStopped).toBe(false);
});

it('cannot have stopped before two were due', () => {
  expect(homeworkState(days, [], '2026-05-04')).toMatchObject({ due: 1, isStopped: false });
  expect(homeworkState([], [], '2026-05-04')).toEqual({ done: 0, due: 0, of: 0, isStopped: false });
});
