import { readFileSync } from 'node:fs';
import { layOut } from '@nadir/core';
import fc from 'fast-check';
import { describe, expect, expectTypeOf, it } from 'vitest';
import { problemLine } from '../problems.js';
import { blockFileJsonSchema, versions } from './json-schema.js';
import { locate } from './lines.js';
import { givenOf, parseBlockFile, readBlockFile, readWholeFile } from './parse.js';
import { type BlockFile, blockFile, upcast } from './schema.js';
import { changedFile, toBlockFile } from './write.js';

const root = new URL('../../../', import.meta.url);
const example = readFileSync(new URL('docs/examples/marathon.json', root), 'utf8');
const marathon = upcast(JSON.parse(example) as Parameters<typeof upcast>[0]);
const smallest: BlockFile = {
  format: 'nadir-block',
  version: 3,
  engine: 1,
  race: { name: 'Gullstone 10', date: '2027-05-30', distance: 10_000 },
};

/** The lines a coach reads for what is wrong. */
function lines(input: unknown): string[] {
  const parsed = parseBlockFile(input);
  return parsed.ok ? [] : parsed.problems.map(problemLine);
}

describe('the block file', () => {
  it('opens the published example, and a file with nothing but a race', () => {
    expect(lines(marathon)).toEqual([]);
    expect(lines(smallest)).toEqual([]);
    expectTypeOf<BlockFile['version']>().toEqualTypeOf<3>();
  });

  it.each(versions)('has a JSON Schema of version %d, published and current', (version) => {
    const name = `docs/formats/block.v${version}.schema.json`;
    const published = readFileSync(new URL(name, root), 'utf8');
    expect(JSON.parse(published)).toEqual(JSON.parse(blockFileJsonSchema(version)));
  });

  it.each([1, 2])('of version %d has its taper under the name of today', (version) => {
    const taper = { school: 'two-weeks-in-the-flow' };
    const { engine: _, ...first } = smallest;
    const read = parseBlockFile({ ...first, version, taper });
    expect(read).toMatchObject({ ok: true, value: { version: 3, taper: { school: 'even-trim' } } });
  });

  it('of version 3 knows no name of before', () => {
    const taper = { school: 'two-weeks-in-the-flow' };
    expect(parseBlockFile({ ...smallest, version: 3, taper })).toMatchObject({
      problems: [{ path: ['taper', 'school'] }],
    });
  });

  it('of version 1 holds nothing that came with version 2', () => {
    const { engine: _, ...first } = smallest;
    const later = { ...first, version: 1, longRun: { segment: 'easy' }, events: [] };
    expect(lines(later)).toEqual([
      'longRun.segment: came with version 2; write "version": 2.',
      'events: came with version 2; write "version": 2.',
    ]);
    expect(lines({ ...later, version: 2 })).toEqual([]);
  });
});

describe('a bad file', () => {
  const cases: [string, unknown, string][] = [
    ['no object', 7, 'expected an object, received 7.'],
    [
      'another format',
      { ...smallest, format: 'other' },
      'format: expected "nadir-block", received "other".',
    ],
    ['0 weeks', { ...smallest, weeks: 0 }, 'weeks: expected a number of at least 4, received 0.'],
    [
      '200 weeks',
      { ...smallest, weeks: 200 },
      'weeks: expected a number of at most 30, received 200.',
    ],
    [
      'text for a number',
      { ...smallest, weeks: 'ten' },
      'weeks: expected a number, received "ten".',
    ],
    [
      'an unknown field',
      { ...smallest, colour: 'red' },
      'colour: is no field of this format. Remove it, or check its spelling.',
    ],
    [
      'an unknown growth school',
      { ...smallest, volume: { growth: { school: 'hope' } } },
      'volume.growth.school: expected "percentage" or "fixed-step" or "step-and-hold" or "straight-to-peak" or "alternating", received "hope".',
    ],
    [
      'a date that does not exist',
      { ...smallest, race: { ...smallest.race, date: '2027-02-30' } },
      'race.date: expected a date that exists, as YYYY-MM-DD, received "2027-02-30".',
    ],
    [
      'a pin outside the block',
      { ...marathon, pins: [{ week: 19, volume: 60_000 }] },
      'pins[0].week: Week 19 is outside the block of 18 weeks. Choose 1 to 18, or free it.',
    ],
    [
      'an empty pin',
      { ...marathon, pins: [{ week: 3 }] },
      'pins[0]: expected "volume", "longRun" or both, received {"week":3}.',
    ],
    [
      'a climb that begins anew with nothing fixed',
      { ...marathon, pins: [{ week: 3, restart: true }] },
      'pins[0]: expected "volume", "longRun" or both, received {"week":3,"restart":true}.',
    ],
    [
      'a peak below the start',
      { ...marathon, volume: { start: 50_000, peak: 40_000 } },
      'volume.peak: The peak of 40 km is below the start of 50 km. Raise the peak or lower the start.',
    ],
    [
      'a volume of a million',
      { ...marathon, volume: { start: 50_000, peak: 1_000_000 } },
      'volume.peak: 1000 km is beyond anyone; 400 km is the most. Check the figure and its unit.',
    ],
    [
      'a race before the start',
      { ...smallest, start: '2027-06-07' },
      'race.date: The race on Sun 30 May 2027 is before the start on Mon 7 Jun 2027. Move one of them.',
    ],
    [
      'no version at all',
      { ...smallest, version: undefined },
      'version: expected 1, 2 or 3, received nothing.',
    ],
    [
      'defaults of a later Nadir',
      { ...smallest, engine: 99 },
      'engine: was laid out under defaults number 99; this Nadir knows those up to 21. Update Nadir to open it.',
    ],
    [
      'a later version',
      { ...smallest, version: 4, wonders: true },
      'The file is of version 4; this Nadir reads up to version 3. Update Nadir to open it.',
    ],
  ];

  it.each(cases)('with %s says where and what', (_, input, line) => {
    expect(lines(input)).toEqual([line]);
  });

  it('that is no JSON says so', () => {
    const parsed = readBlockFile('{ "format": ');
    expect(parsed).toMatchObject({ ok: false, problems: [{ code: 'not-json' }] });
  });

  it('never throws, whatever it holds', () => {
    fc.assert(fc.property(fc.jsonValue(), (input) => !parseBlockFile(input).ok));
    fc.assert(fc.property(fc.string(), (text) => !readBlockFile(text).ok));
  });
});

describe('bounds', () => {
  it.each([
    ['weeks', [4, 30], [3, 31]],
    ['race.distance', [400, 100_000], [399, 100_001]],
    ['week.runDays', [2, 7], [1, 8]],
    ['volume.growth.cap', [0, 1], [-0.01, 1.01]],
  ] as const)('%s', (path, inside, outside) => {
    const withValue = (value: number) => {
      const copy = structuredClone({ ...marathon, pins: [] }) as Record<string, unknown>;
      const keys = path.split('.');
      const last = keys.pop() ?? '';
      const holder = keys.reduce((at, key) => at[key] as Record<string, unknown>, copy);
      holder[last] = value;
      return blockFile.safeParse(copy).success;
    };
    inside.forEach((value) => expect(withValue(value)).toBe(true));
    outside.forEach((value) => expect(withValue(value)).toBe(false));
  });
});

describe('saving again', () => {
  const saved = (file: BlockFile) => {
    const { spec: wishes } = layOut(givenOf(file));
    return toBlockFile(wishes, file.start === undefined);
  };

  const files: [string, BlockFile][] = [
    ['the example', marathon],
    ['the smallest file', smallest],
    ['a fixed start', { ...smallest, start: '2027-03-18' }],
    [
      'a school with a step',
      {
        ...marathon,
        volume: { growth: { school: 'step-and-hold', step: 5000, hold: 3 } },
      },
    ],
    [
      'own phases',
      {
        ...marathon,
        phases: { layout: 'own', own: [{ kind: 'foundation', name: 'Groundwork', weeks: 18 }] },
      },
    ],
  ];

  it.each(files)('%s lays out the same block', (_, file) => {
    const copy: unknown = JSON.parse(JSON.stringify(saved(file)));
    const parsed = parseBlockFile(copy);
    // Written out: with the words of every day and the findings.
    const written = (block: unknown) => JSON.parse(JSON.stringify(block)) as unknown;
    expect(written(parsed.ok && layOut(givenOf(parsed.value)))).toEqual(
      written(layOut(givenOf(file))),
    );
  });
});

describe('the line of a problem', () => {
  const at = (text: string) => {
    const read = readBlockFile(text);
    return read.ok
      ? []
      : locate(text, read.problems).map(({ line, path }) => [line, path.join('.')]);
  };

  it('is that of the field, or of what should hold it', () => {
    const text = `{
  "format": "nadir-block",
  "version": 2,
  "race": { "name": "Gullstone 10", "date": "2027-05-30", "distance": 10000 },
  "colour": "red",
  "events": [
    { "kind": "away", "name": "Away", "from": "2027-05-01" },
    {
      "kind": "tune-up-race", "name": "Pier Mile", "from": "2027-05-02"
    }
  ]
}`;
    expect(at(text)).toEqual([
      [8, 'events.1.distance'],
      [5, 'colour'],
    ]);
  });

  it('is where reading broke off in what is no JSON', () => {
    expect(at('{\n  "format": "nadir-block",\n  "version": oops\n}')).toEqual([[3, '']]);
  });

  it('is the first where the text is nested too deep to look', () => {
    const deep = '['.repeat(100_000);
    expect(at(`${deep}${']'.repeat(100_000)}`)).toEqual([[1, '']]);
    expect(at(deep)).toEqual([[1, '']]);
  });

  it('is not looked for in a text beyond a quarter of a megabyte', () => {
    expect(readBlockFile(`[${'1,'.repeat(600_000)}1]`)).toMatchObject({
      problems: [{ code: 'too-large' }],
    });
  });
});

describe('a change', () => {
  it('leaves a counted start counted, and keeps a fixed one fixed', () => {
    const counted = changedFile(smallest, { taper: { school: 'evidence' } });
    expect(counted).toMatchObject({
      ok: true,
      value: { weeks: 12, taper: { school: 'evidence' } },
    });
    expect(counted.ok && counted.value.start).toBeUndefined();
    const fixed = changedFile({ ...smallest, start: '2027-03-10' }, { pins: [] });
    expect(fixed).toMatchObject({ ok: true, value: { start: '2027-03-10' } });
    expect(fixed.ok && parseBlockFile(fixed.value)).toMatchObject({ ok: true });
  });

  it('that cannot be laid out is refused with what stands in its way', () => {
    const pins = [{ week: 99, volume: 40_000 }];
    expect(changedFile(smallest, { pins })).toMatchObject({ ok: false, problems: [{}] });
  });
});

describe('a block file with its diary', () => {
  const block = {
    format: 'nadir-block',
    version: 3,
    race: { name: 'Goal race', date: '2027-04-18', distance: 10_000 },
  };
  const entry = { date: '2027-02-08', place: 0, kind: 'run', distance: 9000, time: 3000 };
  const read = (parts: object, version = 3) =>
    readWholeFile(JSON.stringify({ ...block, version, ...parts }));

  it('is read with its parts, and the block without them', () => {
    const whole = read({ diary: { entries: [entry] } });
    if (!whole.ok) throw new Error(whole.problems[0]?.message);
    expect(whole.value.diary).toEqual({ entries: [entry] });
    expect(whole.value.file).not.toHaveProperty('diary');
    expect(read({})).toMatchObject({ ok: true, value: { diary: undefined, history: undefined } });
  });

  it('is refused by its field where an entry is none, and in versions that had none', () => {
    expect(read({ diary: { entries: [{ ...entry, distance: 400_000 }] } })).toMatchObject({
      ok: false,
      problems: [{ path: ['diary', 'entries', 0, 'distance'] }],
    });
    expect(read({ diary: { entries: [entry] } }, 2)).toMatchObject({ ok: false });
  });
});
