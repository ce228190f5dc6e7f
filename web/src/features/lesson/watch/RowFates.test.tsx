import { render, screen } from '@testing-library/react';
import type { IntakeRow } from '../../../api/client.ts';
import { RowFates } from './RowFates.tsx';

const row = (line: number, fate: IntakeRow['fate'], reason = ''): IntakeRow => ({
  line,
  fate,
  reason,
  problems: [],
});

describe('the fate of every row', () => {
  it('puts the refused first, with why, and leaves none out', () => {
    render(
      <RowFates
        open
        rows={[
          row(1, 'header'),
          row(2, 'ball'),
          row(3, 'rejected', 'Column “Face”: "x" is not a number.'),
        ]}
      />,
    );
    const items = screen.getAllByRole('listitem').map((item) => item.textContent);
    expect(items).toHaveLength(3);
    expect(items[0]).toContain('line 3');
    expect(items[0]).toContain('is not a number');
    expect(screen.getByText(/Every row of the file, 1 refused/)).toBeInTheDocument();
  });
});
