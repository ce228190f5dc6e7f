import { act, render, screen } from '@testing-library/react';
import { later } from './later.tsx';

describe('a part of a page that is opened', () => {
  const made = () => {
    const load = jest.fn(() =>
      Promise.resolve(({ open }: { open: boolean }) => <p>{open ? 'open' : 'shut'}</p>),
    );
    return { load, Part: later(load) };
  };
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());

  it('is fetched a while after the page', async () => {
    const { load, Part } = made();
    render(<Part open={false} />);
    expect(load).not.toHaveBeenCalled();
    await act(() => jest.advanceTimersByTimeAsync(3001));
    expect(load).toHaveBeenCalledTimes(1);
    expect(screen.queryByText('shut')).not.toBeInTheDocument();
  });

  it('is there when it is opened, and stays when it is shut', async () => {
    const { Part } = made();
    const { rerender } = render(<Part open={false} />);
    await act(() => Promise.resolve(rerender(<Part open />)));
    expect(screen.getByText('open')).toBeInTheDocument();
    await act(() => Promise.resolve(rerender(<Part open={false} />)));
    expect(screen.getByText('shut')).toBeInTheDocument();
  });
});
