import { act, render, screen } from '@testing-library/react';
import { Toaster } from 'sonner';
import { later } from './later.tsx';

interface Opened {
  open: boolean;
  onClose: () => void;
}
const Part = ({ open }: Opened) => <p>{open ? 'open' : 'shut'}</p>;
const close = jest.fn();

describe('a part of a page that is opened', () => {
  beforeEach(() => {
    jest.useFakeTimers();
    close.mockClear();
  });
  afterEach(() => jest.useRealTimers());
  const settle = (ms = 0) => act(() => jest.advanceTimersByTimeAsync(ms));

  it('is fetched a while after the page', async () => {
    const load = jest.fn(() => Promise.resolve(Part));
    const Later = later(load);
    render(<Later open={false} onClose={close} />);
    await settle(2000);
    expect(load).not.toHaveBeenCalled();
    await settle(1500);
    expect(load).toHaveBeenCalledTimes(1);
    expect(screen.getByText('shut')).toBeInTheDocument();
  });

  it('is there when it is opened, and stays when it is shut', async () => {
    const Later = later(() => Promise.resolve(Part));
    const { rerender } = render(<Later open={false} onClose={close} />);
    rerender(<Later open onClose={close} />);
    await settle();
    expect(screen.getByText('open')).toBeInTheDocument();
    rerender(<Later open={false} onClose={close} />);
    expect(screen.getByText('shut')).toBeInTheDocument();
    expect(close).not.toHaveBeenCalled();
  });

  it('says so where it cannot be fetched, and how to have it', async () => {
    const Later = later(() => Promise.reject<typeof Part>(new TypeError('no network')));
    const page = (open: boolean) => (
      <>
        <Later open={open} onClose={close} />
        <Toaster />
      </>
    );
    const { rerender } = render(page(false));
    await settle(3500);
    // Nobody had opened it.
    expect(close).not.toHaveBeenCalled();
    rerender(page(true));
    await settle(100);
    expect(close).toHaveBeenCalledTimes(1);
    expect(screen.getByText(/could not be fetched/)).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Load it again' })).toBeInTheDocument();
  });
});
