import { render, screen, within } from '@testing-library/react';
import { drillBy, stationCard } from '@loxos/core';
import type { PageContent } from '@loxos/core';
import { PageBody } from './PageBody.tsx';

const laid = { hand: 'left', kind: 'iron', pathDeg: 4, faceDeg: 0, startDeg: 0 } as const;
const card = stationCard(drillBy('rails', [])!, laid, false);
const content: PageContent = {
  points: ['Swing from the inside.', 'Breathe out.'],
  expect: 'Further left for now is right.',
  numbers: [{ label: 'Path', before: '6.1° L', after: '2.0° L', verdict: 'on plan' }],
  slants: [
    { label: 'Before', faceAngleDeg: 0, clubPathDeg: -6 },
    { label: 'After', faceAngleDeg: 0, clubPathDeg: -2 },
  ],
  stations: [card],
  homework: [{ date: '2026-03-05', what: '20 balls at Rails' }],
  nextLook: '2026-03-18',
  words: null,
};
const open = (change: Partial<PageContent> = {}) =>
  render(
    <PageBody
      content={{ ...content, ...change }}
      hand="left"
      unit="m"
      withStation={({ drillId }) => <p>log of {drillId}</p>}
      withHomework={(date) => <p>tick of {date}</p>}
    />,
  );

describe('what a player takes home', () => {
  it('says the points first, then what to expect', () => {
    open();
    const points = screen.getAllByRole('list')[0]!;
    expect(
      within(points)
        .getAllByRole('listitem')
        .map((li) => li.textContent),
    ).toEqual(['Swing from the inside.', 'Breathe out.']);
    expect(screen.getByText('Further left for now is right.')).toBeInTheDocument();
  });

  it('shows the figures before and after, and the slants beside each other', () => {
    open();
    const row = screen.getByRole('row', { name: /^Path/ });
    expect(row).toHaveTextContent('Path6.1° L2.0° Lon plan');
    for (const label of ['Before', 'After'])
      expect(
        screen.getByRole('img', { name: `${label}: face and path from above` }),
      ).toBeInTheDocument();
  });

  it('lays the station out for the player’s hand, with its log and its cautions', () => {
    open();
    expect(screen.getByRole('heading', { name: 'Rails' })).toBeInTheDocument();
    expect(
      screen.getByRole('img', { name: 'Rails from above, for a left-hander' }),
    ).toBeInTheDocument();
    expect(screen.getByText('log of rails')).toBeInTheDocument();
    expect(document.body).toHaveTextContent('▲');
  });

  it('names the days as people do, each with its tick, and the next look', () => {
    open();
    expect(screen.getByText('Thursday 5 March')).toBeInTheDocument();
    expect(screen.getByText('tick of 2026-03-05')).toBeInTheDocument();
    expect(screen.getByText('Wednesday 18 March')).toBeInTheDocument();
  });

  it('shows their own record at the end: words, one picture, what they work towards', () => {
    const record = {
      figure: 'faceToPathDeg' as const,
      words: ['Your clubface is square.'],
      goals: ['The clubface within 1° of square by May. Reached.'],
      points: [
        { at: '2026-01-05T10:00:00.000Z', middle: 5, half95: 1 },
        { at: '2026-02-09T10:00:00.000Z', middle: 4, half95: 1 },
      ],
      levels: [],
      target: null,
    };
    open({ record });
    const headings = screen.getAllByRole('heading', { level: 2 });
    expect(headings.at(-1)).toHaveTextContent('Your record');
    expect(screen.getByText('Your clubface is square.')).toBeInTheDocument();
    expect(
      screen.getByRole('img', { name: 'Face to path from visit to visit' }),
    ).toBeInTheDocument();
    expect(screen.getByText(/^The clubface within 1°/)).toBeInTheDocument();
  });

  it('of a period begins with the record, and calls its columns by the period', () => {
    const record = {
      figure: 'clubPathDeg' as const,
      words: ['It went well.'],
      goals: [],
      points: [],
      levels: [],
      target: null,
    };
    open({
      record,
      period: { from: '2026-01-01', to: '2026-03-01' },
      stations: [],
      homework: [],
      expect: '3 of 4 homework days done.',
    });
    const [first] = screen.getAllByRole('heading', { level: 2 });
    expect(first).toHaveTextContent('From Thu 1 Jan 2026 to Sun 1 Mar 2026');
    expect(screen.getByRole('columnheader', { name: 'At first' })).toBeInTheDocument();
    expect(screen.getByRole('heading', { name: 'What comes next' })).toBeInTheDocument();
    expect(screen.getAllByText('3 of 4 homework days done.')).toHaveLength(1);
    expect(screen.queryByRole('img', { name: /from visit to visit/ })).toBeNull();
  });

  it('leaves out what there is nothing of', () => {
    open({ numbers: [], slants: [], stations: [], homework: [], expect: '' });
    expect(screen.queryByRole('heading')).toBeNull();
    expect(screen.queryByRole('table')).toBeNull();
    expect(screen.getAllByRole('listitem')).toHaveLength(2);
  });
});
