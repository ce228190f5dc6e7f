import { screen, within } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import type { Lesson } from '../../../api/client.ts';
import { lessonOf, readingOf } from '../../../testing/lesson.ts';
import { show } from '../../../testing/render.tsx';
import { AcrossPage } from './AcrossPage.tsx';

let read: Lesson;
jest.mock('../use-reading.ts', () => ({
  useReading: () => ({
    result: readingOf(read),
    error: null,
    progress: null,
    stop: () => undefined,
  }),
}));
class NoLine extends EventTarget {
  close(): void {}
}
Object.assign(globalThis, { EventSource: NoLine });

function open(lesson: Lesson): void {
  read = lesson;
  show(
    <Routes>
      <Route path="/lessons/:lessonId/across" element={<AcrossPage />} />
    </Routes>,
    { lessons: [lesson] },
    '/lessons/lesson/across',
  );
}
const view = () => within(screen.getByRole('region', { name: 'Across the bay' }));

it('shows the ball just hit in two or three words, two figures, and its slant without any', () => {
  open(lessonOf([{ pathDeg: 8, faceDeg: 8 }]));
  expect(view().getByRole('status')).toHaveTextContent(
    /^(Right|Left|On line), (bends left|bends right|no bend)$/,
  );
  expect(
    view()
      .getAllByRole('term')
      .map(({ textContent }) => textContent),
  ).toEqual(['Start', 'Bend']);
  const slant = view().getByRole('img', { name: /^At impact: face/ });
  expect(slant.querySelectorAll('text')).toHaveLength(0);
  expect(view().getByText('Off plan')).toBeVisible();
});

it('shows what the block is judged on, where that was named', () => {
  const lesson = lessonOf([{ pathDeg: -6, faceDeg: 0, block: 'baseline' }]);
  const aim = { move: 'path', judged: ['clubPathDeg'], targets: { clubPathDeg: 0 } } as const;
  const blocks = lesson.blocks.map((block) => ({ ...block, aim })) as unknown as Lesson['blocks'];
  open({ ...lesson, blocks });
  expect(
    view()
      .getAllByRole('definition')
      .map(({ textContent }) => textContent),
  ).toEqual([expect.stringMatching(/^\d+° out-to-in$/)]);
});

it('says how many in a row were on plan', () => {
  open(lessonOf([{ pathDeg: 0, faceDeg: 0 }]));
  expect(view().getByText(/^On plan/)).toHaveTextContent(/^On plan · \d in a row$/);
});

it('waits for the first ball', () => {
  open(lessonOf([]));
  expect(view().getByText('Waiting for the first ball')).toBeVisible();
});
