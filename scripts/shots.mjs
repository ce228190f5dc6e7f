// One picture of each main view. `path` gets a function from a player's name to their newest lesson.
import { join } from 'node:path';
import { ROOT } from './shared.mjs';

export const SHOTS = [
  { file: 'day.png', path: () => '/' },
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
      page.getByLabel('Launch file').setInputFiles(join(ROOT, 'demo/files/with-mistakes.csv')),
  },
  { file: 'workshop.png', path: () => '/workshop?c=driver&f=1.2&p=-4&b=1&f2=0.5&p2=-1&u=yd' },
];
