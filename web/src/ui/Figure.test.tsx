import { fireEvent, render, screen } from '@testing-library/react';
import type { Shape } from '../drawing/shape.ts';
// Read beforehand: compiling it takes longer than a test waits.
import './SavePicture.tsx';
import { Figure } from './Figure.tsx';

const SHAPES: readonly Shape[] = [{ kind: 'text', x: 1, y: 2, text: 'peg', size: 12 }];

const open = (file: string | null) =>
  render(
    <Figure
      shapes={SHAPES}
      box={[0, 0, 10, 20]}
      title="A station"
      caption="From above"
      file={file}
    />,
  );

describe('a figure', () => {
  const saved: { name: string; text: Promise<string> }[] = [];
  beforeEach(() => {
    saved.length = 0;
    let last: Blob | null = null;
    URL.createObjectURL = (blob) => {
      last = blob as Blob;
      return 'blob:x';
    };
    URL.revokeObjectURL = () => undefined;
    jest.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function (
      this: HTMLAnchorElement,
    ) {
      saved.push({ name: this.download, text: last!.text() });
    });
  });
  afterEach(() => jest.restoreAllMocks());

  it('stands with its caption, named for those who cannot see it', () => {
    open(null);
    expect(screen.getByRole('img', { name: 'A station' })).toBeInTheDocument();
    expect(screen.getByText('From above')).toBeInTheDocument();
    expect(screen.queryByRole('button')).toBeNull();
  });

  it('is saved as an SVG that says the same', async () => {
    open('far-peg');
    const button = await screen.findByRole('button', { name: 'Save the picture' });
    fireEvent.keyDown(button, { key: 'Enter' });
    fireEvent.click(screen.getByRole('menuitem', { name: /^SVG/ }));
    expect(saved.map(({ name }) => name)).toEqual(['far-peg.svg']);
    const svg = new DOMParser().parseFromString(await saved[0]!.text, 'image/svg+xml');
    expect(svg.documentElement.getAttribute('viewBox')).toBe('0 0 10 20');
    expect(svg.querySelector('text')!.textContent).toBe('peg');
  });
});
