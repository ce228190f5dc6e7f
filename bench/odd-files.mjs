import { parseLaunchFile } from '@loxos/core';

/** Letters of a file of each kind; twice as many take twice as long, not four times. */
const LETTERS = 200_000;

const filled = (text, letters) => text.repeat(Math.ceil(letters / text.length)).slice(0, letters);
const rows = (letters, perRow, row) =>
  Array.from({ length: letters / perRow }, (_, i) => row(i)).join('\n');

/** Files that once took long, or could: by their letters. */
const ODD = {
  brackets: (n) => `${filled('(', n)},Face\n1,2\n`,
  'one long figure': (n) => `Club,Face\n7i,${filled('1', n)}`,
  'thousands by space': (n) => `Club,Face\n7i,${filled('1 111', n)}`,
  'quotation marks': (n) => `Club,Face\n${filled('"', n)}`,
  commas: (n) => `Club,Face\n${filled(',', n)}`,
  'line ends': (n) => `Club,Face\n${filled('\n', n)}`,
  'heads again and again': (n) => filled('Club,Face,Path\n', n),
  'titles alone': (n) => `Face,Path\n${filled('7 Iron,\n', n)}`,
  'rows refused': (n) => `Club,Face,Path\n${filled('7i,wide,2\n', n)}`,
  'rows of units': (n) => `Club,Face,Path\n${filled(',deg,deg\n', n)}`,
  'another player each row': (n) => `Player,Club,Face\n${rows(n, 20, (i) => `p${i},7i,1`)}`,
  'another club each row': (n) =>
    `Club,Face,Path,Start,Launch,Spin\n${rows(n, 24, (i) => `${7 + (i % 2)}i,${i % 7},${i % 5},${i % 3},1${i % 4},60${i % 9}0`)}`,
};

function msOf(make, letters) {
  const text = make(letters);
  const once = () => {
    const start = performance.now();
    parseLaunchFile(text, { hand: 'right', player: 'Ada Reed' });
    return performance.now() - start;
  };
  once();
  return Math.min(once(), once(), once());
}

/** Of each kind of odd file: how much longer twice as many letters take, and microseconds a letter. */
export const benchOddFiles = () =>
  Object.entries(ODD).map(([name, make]) => {
    const [one, two] = [msOf(make, LETTERS), msOf(make, 2 * LETTERS)];
    return { name, times: two / one, usALetter: (1000 * two) / (2 * LETTERS) };
  });
