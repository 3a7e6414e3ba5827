import { expect, it } from 'vitest';
import { unusedColumns } from './unused-columns.js';

it('names the columns that hold something and are not taken', () => {
  const table = [
    ['Week', 'Mon', 'Notes', '', 'Empty'],
    ['1', '8', 'windy', '', ''],
    ['2', '9', '', 'x', ' '],
  ];
  const columns = ['week', 'monday', 'nothing', 'nothing', 'nothing'] as const;
  expect(unusedColumns(table, { head: 1, columns: [...columns] })).toEqual(['“Notes”', 'column 4']);
  expect(unusedColumns(table, { head: 1, columns: ['week', 'monday', 'text'] })).toEqual([]);
});
