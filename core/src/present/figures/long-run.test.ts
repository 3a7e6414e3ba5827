import { describe, expect, it } from 'vitest';
import { layOut } from '../../lay-out.js';
import { marathon } from '../../testing/examples.js';
import { handoutOf } from '../handout/index.js';
import { sheetRows } from '../sheet/rows.js';
import { weekFigure } from './long-run.js';
import { showBlock } from './show.js';

const km = { basis: 'distance', unit: 'km', step: 1 } as const;

describe('the long run of a week', () => {
  const block = layOut({
    ...marathon,
    events: [
      { kind: 'tune-up-race', name: 'Tidewrack Half', from: '2027-03-07', distance: 21_097.5 },
      { kind: 'away', name: 'Ostrel', from: '2027-01-11', to: '2027-01-17' },
    ],
  });
  const row = sheetRows(block, showBlock(block, km)).find(({ key }) => key === 'longRun');
  const said = block.weeks.map((week, index) => row?.text(week, index));

  it('is the race where one is run in its place, on the way too, and none where there is no day for it', () => {
    expect([said[11], said[17]]).toEqual(['race', 'race']);
    expect(said[4]).toBe('0');
    expect(said[0]).toBe('19');
  });

  it('is the same under another version and beside another block, and empty outside it', () => {
    const of = { block, shown: showBlock(block, km) };
    expect([0, 4, 11, 17, 18].map((place) => weekFigure(of, place, 'longRun'))).toEqual([
      '19',
      '0',
      'race',
      'race',
      '',
    ]);
    expect(weekFigure(of, 0, 'volume')).toBe('55');
  });

  it('is the same on what is handed out, where none is left empty', () => {
    const { weeks } = handoutOf(block, showBlock(block, km), '2027-02-10');
    expect(weeks.map(({ longRunFigure }) => longRunFigure || '0')).toEqual(said);
  });
});
