import { didUndoably, useUndo } from './undo.ts';

describe('undo', () => {
  it('takes back the last thing first, and each only once', () => {
    const taken: string[] = [];
    didUndoably('one', () => taken.push('one'));
    didUndoably('two', () => taken.push('two'));
    const { undoLast } = useUndo.getState();
    undoLast();
    undoLast();
    undoLast();
    expect(taken).toEqual(['two', 'one']);
  });
});
