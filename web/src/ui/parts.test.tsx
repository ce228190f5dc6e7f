import { act, fireEvent, render, screen } from '@testing-library/react';
import { createColumnHelper } from '@tanstack/react-table';
import { DataTable } from './DataTable.tsx';
import type { TableFeatures } from './DataTable.tsx';
import { DateField } from './DateField.tsx';
import { LiveText } from './LiveText.tsx';
import { Catch, Panel } from './Panel.tsx';
import { Segments } from './Segments.tsx';

describe('a panel', () => {
  function Breaks({ does }: { does: boolean }) {
    if (does) throw new Error('no such ball');
    return <p>Fine</p>;
  }

  it('keeps what breaks in it to itself, and can be tried again', () => {
    const loud = jest.spyOn(console, 'error').mockImplementation(() => undefined);
    const { rerender } = render(
      <>
        <Catch name="The table">
          <Breaks does />
        </Catch>
        <p>The rest</p>
      </>,
    );
    expect(screen.getByRole('status')).toHaveTextContent(
      'The table could not be shown: no such ball.',
    );
    expect(screen.getByText('The rest')).toBeInTheDocument();
    rerender(
      <Catch name="The table">
        <Breaks does={false} />
      </Catch>,
    );
    loud.mockRestore();
  });

  it('is named for those who cannot see what stands above it', () => {
    render(<Panel name="Why">x</Panel>);
    expect(screen.getByRole('region', { name: 'Why' })).toBeInTheDocument();
    expect(screen.queryByRole('heading')).toBeNull();
  });
});

describe('a text that is kept as it is typed', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());
  const box = () => screen.getByLabelText('Target');
  const show = () => {
    const kept: string[] = [];
    const { unmount } = render(
      <LiveText label="Target" value="flag" onChange={(text) => kept.push(text)} />,
    );
    return { kept, unmount };
  };

  it('is kept once, when the hand rests', () => {
    const { kept } = show();
    for (const value of ['b', 'bu', 'bunker']) fireEvent.change(box(), { target: { value } });
    expect(kept).toEqual([]);
    act(() => jest.advanceTimersByTime(1000));
    expect(kept).toEqual(['bunker']);
  });

  it('is there after the page was closed in the middle of it, unless somebody was faster', () => {
    const typing = show();
    fireEvent.change(box(), { target: { value: 'the old oa' } });
    // A page that is closed runs nothing more: what is left is what the browser's store holds.
    const left = { ...localStorage };
    typing.unmount();
    const again = (value: string): string[] => {
      for (const [key, text] of Object.entries(left)) localStorage.setItem(key, text as string);
      const kept: string[] = [];
      const { unmount } = render(
        <LiveText label="Target" value={value} onChange={(text) => kept.push(text)} />,
      );
      act(() => jest.advanceTimersByTime(1000));
      unmount();
      return kept;
    };
    expect(again('flag')[0]).toBe('the old oa');
    expect(again('pond')).toEqual([]);
    // Kept by then: nothing is left behind.
    expect(again('the old oa')).toEqual([]);
    expect(Object.keys(localStorage).filter((key) => key.startsWith('loxos.typed'))).toEqual([]);
  });

  it('is kept when the page is no longer seen', () => {
    const { kept } = show();
    fireEvent.change(box(), { target: { value: 'tree' } });
    fireEvent(window, new Event('pagehide'));
    expect(kept).toEqual(['tree']);
  });

  it('is kept at once on leaving, and when its screen goes', () => {
    const first = show();
    fireEvent.change(box(), { target: { value: 'tree' } });
    fireEvent.blur(box());
    expect(first.kept).toEqual(['tree']);
    first.unmount();
    const second = show();
    fireEvent.change(box(), { target: { value: 'pond' } });
    second.unmount();
    expect(second.kept).toEqual(['pond']);
  });

  it('says nothing of what did not change', () => {
    const { kept } = show();
    fireEvent.change(box(), { target: { value: 'flag' } });
    fireEvent.blur(box());
    expect(kept).toEqual([]);
  });
});

describe('a day', () => {
  it('is picked from a calendar too', () => {
    const days: string[] = [];
    render(<DateField label="Next look" value="2026-03-04" onChange={(day) => days.push(day)} />);
    expect(screen.getByLabelText('Next look')).toHaveValue('Wed 4 Mar 2026');
    fireEvent.click(screen.getByRole('button', { name: 'Pick next look' }));
    fireEvent.click(screen.getByRole('button', { name: /March 12/ }));
    expect(days).toEqual(['2026-03-12']);
    expect(screen.queryByRole('grid')).toBeNull();
  });

  it('of birth is typed far back, and may be none', () => {
    const days: string[] = [];
    const { rerender } = render(
      <DateField label="Born" value="" isOptional yearsBack={110} onChange={(d) => days.push(d)} />,
    );
    const type = (value: string): void =>
      void fireEvent.change(screen.getByLabelText('Born'), { target: { value } });
    expect(screen.getByLabelText('Born')).toHaveValue('');
    type('4 May 1958');
    rerender(
      <DateField
        label="Born"
        value="1958-05-04"
        isOptional
        yearsBack={110}
        onChange={(d) => days.push(d)}
      />,
    );
    type('4 May 1758');
    expect(screen.getByRole('alert')).toHaveTextContent('Write a day');
    type('');
    expect(screen.queryByRole('alert')).toBeNull();
    expect(days).toEqual(['1958-05-04', '']);
    fireEvent.click(screen.getByRole('button', { name: 'Pick born' }));
    // A calendar of one month at a time would be leafed through for ever.
    fireEvent.change(screen.getByLabelText(/Year/), { target: { value: '1961' } });
    fireEvent.click(screen.getByRole('button', { name: /May 7th, 1961/ }));
    expect(days.at(-1)).toBe('1961-05-07');
  });
});

describe('segments', () => {
  it('are all in sight, and one is chosen', () => {
    const chosen: string[] = [];
    render(
      <Segments
        legend="Plays"
        value="left"
        options={[
          ['left', 'Left'],
          ['right', 'Right'],
        ]}
        onChange={(value) => chosen.push(value)}
      />,
    );
    expect(screen.getByLabelText('Left')).toBeChecked();
    fireEvent.click(screen.getByLabelText('Right'));
    expect(chosen).toEqual(['right']);
  });
});

describe('a table of any length', () => {
  interface Row {
    readonly id: string;
    readonly size: number;
  }
  const helper = createColumnHelper<TableFeatures, Row>();
  const columns = helper.columns([
    helper.accessor(({ id }) => id, { id: 'id', header: 'Name' }),
    helper.accessor(({ size }) => String(size), { id: 'size', header: 'Size' }),
  ]);
  const rows = Array.from({ length: 5000 }, (_, i): Row => ({ id: `row ${i}`, size: i }));

  it('draws only the rows there is room for, and tells which was tapped', () => {
    const tapped: string[] = [];
    render(
      <DataTable
        label="Things"
        columns={columns}
        rows={rows}
        keyOf={({ id }) => id}
        toneOf={({ id }) => (id === 'row 1' ? 'chosen' : 'plain')}
        onChoose={({ id }) => tapped.push(id)}
        inView={null}
        foot={
          <tr>
            <th scope="row">average</th>
          </tr>
        }
      />,
    );
    expect(screen.getAllByRole('row').length).toBeLessThan(60);
    expect(screen.getByRole('table')).toHaveAttribute('aria-rowcount', '5001');
    expect(screen.getByRole('row', { selected: true })).toHaveTextContent('row 1');
    fireEvent.click(screen.getByText('row 3'));
    expect(tapped).toEqual(['row 3']);
    expect(screen.getByRole('row', { name: 'average' })).toBeInTheDocument();
  });
});
