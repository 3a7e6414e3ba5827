import { runsTableAnswer } from '@nadir/contract';
import { describe, expect, it } from 'vitest';
import { readRunsTable } from './read-runs-table.js';

const text = 'Date,Distance,Time,Felt\n2027-02-01,8.5,45:10,cold\nsoon,8,40:00,\n';

describe('a table of runs', () => {
  it('is read with the columns that its names speak of, a bad line said', () => {
    const read = readRunsTable({ text, unit: 'km' });
    expect(read?.names).toEqual(['Date', 'Distance', 'Time', 'Felt']);
    expect(read?.columns.slice(0, 3)).toEqual(['date', 'distance', 'time']);
    expect(read?.activities).toMatchObject([{ date: '2027-02-01', distance: 8500, time: 2710 }]);
    expect(read?.problems).toEqual([{ where: 'line 3', message: '“soon” is not a date.' }]);
  });

  it('is read with the columns the coach says', () => {
    const columns = ['date', 'distance', 'time', 'note'] as const;
    const read = readRunsTable({ text, unit: 'mi', columns: [...columns] });
    expect(read?.activities[0]).toMatchObject({ note: 'cold', distance: 13_679 });
  });

  it('is none where nothing names a date', () => {
    expect(readRunsTable({ text: 'Dear diary', unit: 'km' })).toBeNull();
  });

  it('crosses to the page as the contract says, a thousand runs of it', () => {
    const lines = Array.from(
      { length: 1000 },
      (_, at) => `2025-01-0${1 + (at % 9)},8.5,45:10,${at}`,
    );
    const read = readRunsTable({
      text: `Date,Distance,Time,Note\n${lines.join('\n')}`,
      unit: 'km',
    });
    expect(runsTableAnswer.parse(structuredClone(read))?.activities).toHaveLength(1000);
  });
});
