export { academy } from './academy.ts';
export { ball, ballFile } from './ball.ts';
export { block } from './block.ts';
export { history } from './history.ts';
export { launchFile, sourceMapping } from './launch-file.ts';
export { lesson } from './lesson.ts';
export { player } from './player.ts';
export { setting } from './setting.ts';
export { homeworkTick, lessonPart, ownDrill, repetition, sharedPage } from './work.ts';
