import { expect, it } from 'vitest';
import { type BlockFile, readWholeFile } from '@nadir/contract';
import { fileName, wholeFile } from './download-block.js';

it.each([
  ['Idris Vale', 'Lantern Bay Marathon', 'idris-vale-lantern-bay-marathon'],
  ['', 'Gullstone 10', 'gullstone-10'],
  ['Åsa / ../etc', '5 km!', 'åsa-etc-5-km'],
  ['', '…', 'block'],
])('names the file of %s, %s', (name, race, file) => {
  const block = {
    format: 'nadir-block' as const,
    version: 3 as const,
    engine: 21,
    athlete: { name },
    race: { name: race, distance: 5000 },
  };
  expect(fileName(block)).toBe(file);
});

it('a file holds no word of health but where it is asked for, and is read with what it holds', () => {
  const file = {
    format: 'nadir-block' as const,
    version: 3 as const,
    engine: 21,
    athlete: { name: 'Idris Vale' },
    race: { name: 'Gullstone 10', date: '2027-04-18', distance: 10_000 },
  };
  const missed = { place: 0, kind: 'missed' as const, revision: 2 };
  const given = {
    entries: [
      { ...missed, date: '2027-02-08', reason: 'ill' as const, note: 'in bed' },
      { ...missed, date: '2027-02-09', reason: 'work' as const, note: 'late shift' },
    ],
    mornings: [{ date: '2027-02-08', ill: 'fever' as const, revision: 1 }],
    history: [],
  };
  const text = (health: boolean) => JSON.stringify(wholeFile(file, { ...given, health }));
  expect(text(false)).not.toMatch(/"ill"|in bed|fever/);
  expect(text(false)).toContain('late shift');
  expect(text(true)).toMatch(/"reason":"ill".*in bed.*fever/);
  for (const health of [false, true]) {
    const read = readWholeFile(text(health));
    expect(read).toMatchObject({
      ok: true,
      value: { diary: { entries: [{ kind: 'missed' }, {}] } },
    });
  }
});

it('the same block is the same file, whatever was edited last', () => {
  const race = { name: 'Gullstone 10', date: '2027-04-18', distance: 10_000 };
  const heading = { format: 'nadir-block', version: 3, engine: 21 } as const;
  const diary = { entries: [], mornings: [], history: [], health: false };
  const text = (file: BlockFile) => JSON.stringify(wholeFile(file, diary));
  expect(text({ weeks: 10, pins: undefined, race, ...heading })).toBe(
    text({ ...heading, race, weeks: 10 }),
  );
});
