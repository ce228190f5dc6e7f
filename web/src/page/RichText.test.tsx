import { render, screen } from '@testing-library/react';
import { RichText, plainText } from './RichText.tsx';

const text = (value: string, ...marks: string[]) => ({
  type: 'text',
  text: value,
  marks: marks.map((type) => ({ type })),
});
const document = {
  type: 'doc',
  content: [
    { type: 'heading', attrs: { level: 2 }, content: [text('Today')] },
    {
      type: 'paragraph',
      content: [
        text('Keep the '),
        text('chest', 'bold'),
        text(' back, '),
        text('slowly', 'italic'),
      ],
    },
    {
      type: 'bulletList',
      content: [
        { type: 'listItem', content: [{ type: 'paragraph', content: [text('ten swings')] }] },
      ],
    },
    { type: 'paragraph', content: [text('<img src=x onerror=alert(1)>')] },
    { type: 'unheardOf', content: [text('still words')] },
  ],
};

describe('the coach’s words', () => {
  it('show with their weight and lists', () => {
    render(<RichText document={document} />);
    expect(screen.getByText('chest').tagName).toBe('B');
    expect(screen.getByText('slowly').tagName).toBe('EM');
    expect(screen.getByRole('listitem')).toHaveTextContent('ten swings');
    expect(screen.getByRole('heading')).toHaveTextContent('Today');
  });

  it('are never markup of their own', () => {
    const { container } = render(<RichText document={document} />);
    expect(container.querySelector('img')).toBeNull();
    expect(container).toHaveTextContent('<img src=x onerror=alert(1)>');
    expect(container).toHaveTextContent('still words');
  });

  it('come as lines for paper', () => {
    expect(plainText(document)).toEqual([
      'Today',
      'Keep the chest back, slowly',
      'ten swings',
      '<img src=x onerror=alert(1)>',
      'still words',
    ]);
    expect(plainText({ type: 'doc' })).toEqual([]);
  });
});
