import fc from 'fast-check';
import { bodyPartsIn, goesGently, mindedIn } from './body-notes.ts';

const WORDS =
  'stiff tight spine wrist thumb elbow arm groin cannot turn arthritis knee since 2019 my , .';

it('what is left of notes for who may not read them asks for the same care, and tells no story', () => {
  const notes = fc.array(fc.constantFrom(...WORDS.split(' '))).map((words) => words.join(' '));
  fc.assert(
    fc.property(notes, (text) => {
      const minded = mindedIn(text);
      expect(bodyPartsIn(minded)).toEqual(bodyPartsIn(text));
      expect(goesGently(minded)).toBe(goesGently(text));
      expect(mindedIn(minded)).toBe(minded);
      expect(minded).toMatch(/^((back|wrist|elbow|hip|stiff)(, |$))*$/);
    }),
    { seed: 1130, numRuns: 300 },
  );
  expect(mindedIn('Right wrist was broken years ago')).toBe('wrist');
  expect(mindedIn('Takes pills for sleep')).toBe('');
});
