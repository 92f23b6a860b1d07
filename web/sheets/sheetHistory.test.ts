import { describe, expect, it } from '@jest/globals';
import { useHistory } from './sheetHistory.ts';

describe('what was done to a sheet', () => {
  it('is undone step by step and done again, until something else is done', () => {
    const { now, change, undo, redo, canUndo, canRedo } = useHistory('a');
    for (const next of ['b', 'c', 'd']) change(next);
    undo();
    undo();
    expect([now.value, canUndo.value, canRedo.value]).toEqual(['b', true, true]);
    redo();
    expect(now.value).toBe('c');
    change('e');
    redo();
    expect([now.value, canRedo.value]).toEqual(['e', false]);
    for (let i = 0; i < 9; i++) undo();
    expect([now.value, canUndo.value]).toEqual(['a', false]);
  });
});
