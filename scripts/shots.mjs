// One picture of each main view. `path` gets a function from a player's name to their newest lesson.
import { join } from 'node:path';
import { ROOT } from './shared.mjs';

/** Lets the player behind a link show: the page of a demo lesson is given anew. */
const givePage = async (page) => {
  await page.getByRole('button', { name: 'Make the link' }).click();
  const link = await page.getByRole('link', { name: /\/p\// }).getAttribute('href');
  await page.goto(link);
  await page.waitForLoadState('networkidle');
};

/** Where everybody stands is made behind everything else. */
const STANDINGS_MS = 15_000;

export const SHOTS = [
  { file: 'day.png', path: () => '/', waitMs: STANDINGS_MS },
  { file: 'players.png', path: () => '/players?sort=furthest' },
  { file: 'record.png', path: (lessonOf) => `/players/${lessonOf('Ines').player.id}/record` },
  {
    file: 'record-left-dark.png',
    path: (lessonOf) => `/players/${lessonOf('Wren').player.id}/record`,
    theme: 'dark',
  },
  { file: 'read.png', path: (lessonOf) => `/lessons/${lessonOf('Tobias').id}/read` },
  {
    file: 'read-left-dark.png',
    path: (lessonOf) => `/lessons/${lessonOf('Wren').id}/read`,
    theme: 'dark',
  },
  {
    file: 'watch.png',
    path: (lessonOf) => `/lessons/${lessonOf('Hollis').id}/watch`,
    act: (page) =>
      page.getByLabel('Launch file').setInputFiles(join(ROOT, 'demo/files/another-studio.csv')),
  },
  { file: 'set.png', path: (lessonOf) => `/lessons/${lessonOf('Wren').id}/set` },
  { file: 'work.png', path: (lessonOf) => `/lessons/${lessonOf('Odile').id}/work` },
  {
    file: 'station-log-phone.png',
    path: (lessonOf) => `/lessons/${lessonOf('Wren').id}/work`,
    width: 390,
    height: 844,
  },
  { file: 'prove.png', path: (lessonOf) => `/lessons/${lessonOf('Wren').id}/prove` },
  { file: 'send.png', path: (lessonOf) => `/lessons/${lessonOf('Wren').id}/send` },
  {
    file: 'player-page.png',
    path: (lessonOf) => `/lessons/${lessonOf('Wren').id}/send`,
    width: 390,
    height: 844,
    act: givePage,
  },
  { file: 'report.png', path: (lessonOf) => `/players/${lessonOf('Wren').player.id}/report` },
  { file: 'month.png', path: () => '/?look=month' },
  { file: 'yard.png', path: () => '/yard?drill=two-gates&path=3&start=-1' },
  { file: 'workshop.png', path: () => '/workshop?c=driver&f=1.2&p=-4&b=1&f2=0.5&p2=-1&u=yd' },
  {
    // From here on lessons are changed.
    file: 'pad-phone.png',
    path: (lessonOf) => `/lessons/${lessonOf('Odile').id}/watch`,
    width: 390,
    height: 844,
    act: async (page) => {
      await page.getByRole('region', { name: 'By eye' }).waitFor();
      for (const key of ['Digit3', 'Digit2', 'Shift+Digit2', 'n']) await page.keyboard.press(key);
    },
  },
  {
    file: 'just-hit.png',
    path: (lessonOf) => `/lessons/${lessonOf('Hollis').id}/watch`,
    act: async (page) => {
      await page.getByRole('button', { name: 'Send its balls here' }).click();
      await page.getByText(/^6 balls: /).waitFor();
      await page.getByRole('button', { name: 'Hold it' }).click();
      await page.getByRole('button', { name: 'Go on' }).waitFor();
    },
  },
];
