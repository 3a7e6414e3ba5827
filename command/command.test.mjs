import { mkdtempSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { root } from './paths.mjs';
import { run } from './run.mjs';

const example = join(root, 'docs/examples/marathon.json');
const folder = mkdtempSync(join(tmpdir(), 'nadir-files-'));

const nadirOn = (/** @type {string} */ today, /** @type {string[]} */ ...words) =>
  run(join(root, 'nadir'), words, { env: { ...process.env, NADIR_TODAY: today } });
const nadir = (/** @type {string[]} */ ...words) => nadirOn('2027-02-10', ...words);

/** @param {string} name @param {unknown} change */
function changed(name, change) {
  const file = join(folder, `${name}.json`);
  const text = JSON.stringify({
    ...JSON.parse(readFileSync(example, 'utf8')),
    .../** @type {object} */ (change),
  });
  writeFileSync(file, text);
  return file;
}

describe('nadir lay-out', () => {
  it('prints a table whose days add up to their weeks, and weeks to the total', async () => {
    const { code, output } = await nadir('lay-out', example);
    expect(code).toBe(0);
    const rows = output.split('\n').filter((line) => /^\d+ /.test(line));
    expect(rows).toHaveLength(18);
    const volumes = rows.map((row) => {
      const cells = row.split(/ {2,}/);
      const days = (cells[6] ?? '').split(' ').map(Number).filter(Number.isFinite);
      expect(days.reduce((sum, day) => sum + day, 0)).toBe(Number(cells[4]));
      return Number(cells[4]);
    });
    const total = volumes.reduce((sum, volume) => sum + volume, 0);
    expect(output).toContain(`total ${total} km + 42.2 km`);
  });

  it('says nothing of a reader that has seen enough', async () => {
    const line = `"${join(root, 'nadir')}" lay-out "${example}" --json | head -1`;
    expect(await run('sh', ['-c', line])).toEqual({ code: 0, output: '{\n' });
  });

  it('covers what came with version 2: races on the way, segments, waivers, fixes', async () => {
    const file = join(root, 'docs/examples/around-a-race.json');
    const { code, output } = await nadir('lay-out', file);
    expect(code).toBe(0);
    expect(output).toMatch(/^10 .* Gullstone 10$/m);
    expect(output).toMatch(/^15 .* km @ race pace$/m);
    expect(output).toContain('caution (waived: A week at the coast.): Growth over the cap.');
    // Before it begins, what the pin of week 2 breaks can be fixed; once the week is over it is history.
    const findingsOn = async (/** @type {string} */ today) =>
      JSON.parse((await nadirOn(today, 'lay-out', file, '--json')).output).findings;
    const [waived] = await findingsOn('2026-12-01');
    expect(waived.fixes).toContainEqual({ label: 'Free week 2', change: { pins: [] } });
    expect((await findingsOn('2027-02-10')).at(-1)).toMatchObject({
      check: 'growth-over-cap',
      past: true,
      fixes: [],
    });
  });

  it('names the line of what is wrong', async () => {
    const file = join(folder, 'line.json');
    const race = '"race": { "name": "Pier", "date": "2027-05-30", "distance": 10000 }';
    writeFileSync(
      file,
      `{\n  "format": "nadir-block",\n  "version": 1,\n  "weeks": 2,\n  ${race}\n}\n`,
    );
    const { code, output } = await nadir('lay-out', file);
    expect(code).toBe(2);
    expect(output).toContain('line.json:4: weeks: expected a number of at least 4, received 2.');
    expect(output.trim().split('\n')).toHaveLength(1);
  });

  it('prints the block as JSON', async () => {
    const { code, output } = await nadir('lay-out', example, '--json');
    const block = JSON.parse(output);
    expect(code).toBe(0);
    expect(block.weeks[0]).toMatchObject({
      number: 1,
      toGo: 17,
      start: '2026-12-14',
      phase: 'foundation',
      volume: 55_000,
    });
    expect(block.feasible).toMatchObject({ cap: 0.1, extraWeeks: 0 });
    expect(block.findings[0]).toMatchObject({
      level: expect.any(String),
      fixes: expect.any(Array),
    });
  });

  it('lays an older file out as the application does: under the newest defaults', async () => {
    const older = JSON.parse(readFileSync(example, 'utf8'));
    const { version } = older;
    const newest = join(folder, 'newest.json');
    writeFileSync(newest, JSON.stringify({ ...older, version: 3 }));
    const weeksOf = async (/** @type {string} */ file) =>
      JSON.parse((await nadir('lay-out', file, '--json')).output).weeks;
    expect(version).toBeLessThan(3);
    expect(await weeksOf(example)).toEqual(await weeksOf(newest));
  });

  it.each([
    ['weeks', { weeks: 200 }, 'weeks: expected a number of at most 30, received 200.'],
    ['school', { taper: { school: 'none' } }, 'taper.school: expected "three-steps" or'],
    [
      'pin',
      { pins: [{ week: 19, volume: 60_000 }] },
      'pins[0].week: Week 19 is outside the block of 18 weeks.',
    ],
    ['text', { volume: { start: 'much' } }, 'volume.start: expected a number, received "much".'],
    [
      'peak',
      { volume: { start: 50_000, peak: 40_000 } },
      'volume.peak: The peak of 40 km is below the start',
    ],
    [
      'start',
      { start: '2027-05-01', weeks: undefined },
      'race.date: The race on Sun 18 Apr 2027 is before the start',
    ],
  ])('answers a bad file with one line and 2: %s', async (name, change, line) => {
    const { code, output } = await nadir('lay-out', changed(name, change));
    expect(code).toBe(2);
    expect(output.trim().split('\n')).toHaveLength(1);
    expect(output).toContain(line);
  });

  it('lays out a race that has been run, and says so', async () => {
    const past = changed('past', {
      race: { name: 'Gullstone 10', date: '2026-05-03', distance: 10_000 },
    });
    const { code, output } = await nadir('lay-out', past);
    expect(code).toBe(0);
    expect(output).toContain('The race has been run');
  });

  it('answers a file that is none, and writes nothing', async () => {
    const before = readdirSync(folder);
    expect(await nadir('lay-out', join(folder, 'none.json'))).toMatchObject({ code: 2 });
    writeFileSync(join(folder, 'broken.json'), '{ "format": ');
    const { code, output } = await nadir('lay-out', join(folder, 'broken.json'));
    expect(code).toBe(2);
    expect(output).toContain('is not JSON');
    expect(readdirSync(folder)).toEqual([...before, 'broken.json'].sort());
  });
});

describe('nadir', () => {
  it('helps, and answers an unknown word', async () => {
    expect((await nadir('help')).output).toContain('./nadir demo');
    expect(await nadir('dance')).toMatchObject({
      code: 2,
      output: expect.stringContaining('there is no "dance"'),
    });
    expect(await nadir('test', 'dance')).toMatchObject({
      code: 2,
      output: expect.stringContaining('Parts: checks, unit'),
    });
    expect(await nadir('lay-out')).toMatchObject({
      code: 2,
      output: expect.stringContaining('usage:'),
    });
  });
});

describe('nadir paces', () => {
  it('prints named paces, every model, and what they rest on', async () => {
    const { code, output } = await nadir('paces', example);
    expect(code).toBe(0);
    expect(output).toContain('rests on 10 km in 40:30 on 2026-11-08, which is stale');
    expect(output).toMatch(/^10 km +4:03 \/km +4:12 \/km +4:03 \/km/m);
    expect(output).toMatch(/^5 km +19:26 +– +– +19:25$/m);
    expect(output).toContain('Own power law: Needs recent results over two different distances.');
  });

  it('prints the same as JSON, and refuses what cannot be', async () => {
    const { paces } = JSON.parse((await nadir('paces', example, '--json')).output);
    expect(paces.rows[1]).toMatchObject({ pace: { id: 'easy' } });
    const fast = changed('fast', {
      athlete: { results: [{ date: '2026-11-08', distance: 10000, time: 60 }] },
    });
    const { code, output } = await nadir('paces', fast);
    expect(code).toBe(2);
    expect(output).toContain('faster than anyone runs');
    expect((await nadir('paces')).code).toBe(2);
  });
});

describe('the page on shorthand', () => {
  const page = readFileSync(join(root, 'docs/shorthand.md'), 'utf8');
  const examples = [...page.matchAll(/```shorthand\n([^`]+)```/g)].flatMap(([, lines = '']) =>
    lines.trim().split('\n'),
  );

  it('has examples', () => {
    expect(examples.length).toBeGreaterThan(10);
  });

  it.each(examples)('%s', async (example) => {
    const { printSession, readSession } = await import('@nadir/core/sessions');
    const read = readSession(example);
    if (!read.ok) throw new Error(read.problem.message);
    expect(readSession(printSession(read.session))).toEqual(read);
  });
});

describe('nadir review', () => {
  const run = { place: 0, kind: 'run' };
  const diary = {
    entries: [
      ...['14', '15', '16', '18', '19', '20'].map((day) => ({
        ...run,
        date: `2026-12-${day}`,
        distance: 9000,
        time: 3100,
      })),
      { date: '2027-02-08', place: 0, kind: 'missed', reason: 'work' },
      { date: '2027-02-09', place: 0, kind: 'missed', reason: 'work' },
    ],
  };

  it('prints what was run against what was planned, what holds and what may be done', async () => {
    const { code, output } = await nadir('review', changed('diary', { version: 3, diary }));
    expect(code).toBe(0);
    const first = output.split('\n').find((line) => line.startsWith('1 ')) ?? '';
    const [, , planned, ran, against] = first.split(/ {2,}/);
    expect(ran).toBe('54');
    // The sign of a shortfall is a minus of its own.
    expect(Number(against?.replace('−', '-'))).toBe(54 - Number(planned));
    expect(output).toContain('not known');
    expect(output).toContain('2 days missed in a row, up to Tue 9 Feb.');
    expect(output).toContain('- Carry on as planned.');
  });

  it('prints the same as JSON, and says what is wrong with a diary by its line', async () => {
    const file = changed('diary-json', { version: 3, diary });
    const { weeks, proposals } = JSON.parse((await nadir('review', file, '--json')).output);
    expect(weeks[0]).toMatchObject({ number: 1, isKnown: true, run: 54_000 });
    expect(proposals.map((/** @type {{ key: string }} */ { key }) => key)).toContain('go-on');
    const wrong = { entries: [{ ...run, date: '2026-12-14', distance: 400_000 }] };
    const { code, output } = await nadir('review', changed('far', { version: 3, diary: wrong }));
    expect(code).toBe(2);
    expect(output).toContain('diary.entries[0].distance');
  });
});
