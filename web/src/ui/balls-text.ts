/** Returns a number of balls in words: `1 ball`, `12 balls`. */
export const ballsText = (count: number): string => `${count} ${count === 1 ? 'ball' : 'balls'}`;
