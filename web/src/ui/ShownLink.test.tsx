import { render, screen } from '@testing-library/react';
import { ShownLink } from './ShownLink.tsx';

const open = (link: string) => render(<ShownLink link={link} what="Shown once." />);

describe('a link that is shown once', () => {
  it.each(['http://127.0.0.1:4180/p/x', 'http://localhost:4180/p/x', 'http://[::1]:4180/p/x'])(
    'says where it opens on this machine alone: %s',
    (link) => {
      open(link);
      expect(screen.getByRole('link')).toHaveAttribute('href', link);
      expect(screen.getByText(/opens on this machine alone/)).toBeInTheDocument();
    },
  );

  it.each(['https://loxos.example.org/p/x', 'http://192.168.1.20:4180/p/x'])(
    'warns of no address that others reach: %s',
    (link) => {
      open(link);
      expect(screen.queryByText(/on this machine alone/)).toBeNull();
    },
  );
});
