import { fireEvent, screen } from '@testing-library/react';
import type { IntakeRow, LaunchFile } from '../../../api/client.ts';
import { show } from '../../../testing/render.tsx';
import { answering } from '../../../testing/server.ts';
import { FileRows } from './RowFates.tsx';

const row = (line: number, fate: IntakeRow['fate'], reason = ''): IntakeRow => ({
  line,
  fate,
  reason,
  problems: [],
});

const file = {
  id: 'f',
  name: 'a.csv',
  receivedAt: '2026-05-04T09:00:00.000Z',
  ballCount: 1,
  refusedCount: 1,
} as LaunchFile;

describe('the fate of every row', () => {
  it('is asked for once somebody looks, some rows at a time, the refused first with why', async () => {
    const rows = [row(3, 'rejected', 'Column “Face”: "x" is not a number.'), row(1, 'header')];
    let count = 0;
    const asked = answering({
      'GET /api/files/f/rows': () => {
        count += 1;
        return { rows: count === 1 ? rows : [row(2, 'ball')], count: 3, refused: 1 };
      },
    });
    show(<FileRows file={file} />, { isAnswered: true });
    const details = screen.getByText('Every row of the file, 1 refused').closest('details')!;
    expect(asked).toEqual([]);
    details.open = true;
    fireEvent(details, new Event('toggle'));
    const items = await screen.findAllByRole('listitem');
    expect(items.map((item) => item.textContent)).toEqual([
      'line 3▲ refused · Column “Face”: "x" is not a number.',
      'line 1column names',
    ]);
    fireEvent.click(screen.getByRole('button', { name: 'Show more rows' }));
    expect(await screen.findByText('line 2')).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: 'Show more rows' })).toBeNull();
  });
});
