import { render, screen, waitFor } from '@testing-library/react';
import { fireEvent } from '@testing-library/dom';
import { TickBox } from './TickBox.tsx';

test('a tick shows at once, before the server answers', () => {
  const onTick = jest.fn(() => new Promise<void>(() => undefined));
  render(<TickBox label="Done on Monday" isTicked={false} onTick={onTick} />);
  fireEvent.click(screen.getByLabelText('Done on Monday'));
  expect(screen.getByLabelText('Done on Monday')).toBeChecked();
  expect(onTick).toHaveBeenCalledWith(true);
});

test('a tick that could not be kept goes back', async () => {
  render(
    <TickBox label="Done on Monday" isTicked={false} onTick={() => Promise.reject(new Error())} />,
  );
  fireEvent.click(screen.getByLabelText('Done on Monday'));
  await waitFor(() => expect(screen.getByLabelText('Done on Monday')).not.toBeChecked());
});

test('it follows what the page says', () => {
  const onTick = () => Promise.resolve();
  const { rerender } = render(<TickBox label="Done" isTicked={false} onTick={onTick} />);
  rerender(<TickBox label="Done" isTicked onTick={onTick} />);
  expect(screen.getByLabelText('Done')).toBeChecked();
});
