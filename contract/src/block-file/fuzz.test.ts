import { readFileSync } from 'node:fs';
import { layOut } from '@nadir/core';
import type { Measure } from '@nadir/core/base';
import { showBlock } from '@nadir/core/present/figures';
import { printSession, readSession } from '@nadir/core/sessions';
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { everything, mutated } from '../testing/mutated.js';
import { givenOf, parseBlockFile } from './parse.js';
import { toBlockFile } from './write.js';

/**
 * Damaged files and strings through parser, layout and checks, with a new seed
 * each time: fast-check prints the seed and the smallest case when one fails.
 * `npm run fuzz` tries fifty times as many.
 */
const times = Number(process.env.NADIR_FUZZ_TIMES ?? 1);
const root = new URL('../../../docs/examples/', import.meta.url);
const read = (name: string) => JSON.parse(readFileSync(new URL(name, root), 'utf8')) as object;
const files = [everything, read('marathon.json'), read('around-a-race.json')];

it('has a file with every part of the format to damage', () => {
  expect(parseBlockFile(everything)).toMatchObject({ ok: true });
});

it('reads or refuses any file, and lays out what it reads in figures that can be run', () => {
  const tally = { read: 0, refused: 0 };
  fc.assert(
    fc.property(mutated(files), (input) => {
      const parsed = parseBlockFile(JSON.parse(JSON.stringify(input)) as unknown);
      tally[parsed.ok ? 'read' : 'refused'] += 1;
      if (!parsed.ok) {
        expect(parsed.problems.length).toBeGreaterThan(0);
        expect(parsed.problems.length).toBeLessThanOrEqual(51);
        return;
      }
      const given = givenOf(parsed.value);
      const block = layOut(given);
      expect(wrongFigures(block)).toEqual([]);
      const measure: Measure = { basis: 'distance', unit: 'km', step: 1 };
      expect(wrongFigures(showBlock(block, measure))).toEqual([]);
      const dates = block.weeks.flatMap(({ days }) => days.map(({ date }) => date));
      expect(new Set(dates).size).toBe(dates.length);
      for (const { message, title } of block.findings) {
        expect(`${title} ${message}`).not.toMatch(/Infinity|NaN|undefined|null/);
        // Nothing is less than nothing: what is the other way round is said so.
        expect(message).not.toMatch(/ [-−]\d+(\.\d+)? (%|days|km|mi|min|s\/km)/);
      }
      for (const day of block.weeks.flatMap(({ days }) => days)) {
        for (const { shorthand } of day.sessions) {
          // What the coach wrote may be words; what cannot be read was refused above.
          expect([shorthand, readSession(shorthand).ok]).toEqual([shorthand, true]);
        }
      }
      const waivers = block.findings.slice(0, 100).map(({ check, weeks: [week], value }) => ({
        check,
        ...(week !== undefined && { week }),
        reason: 'Tried.',
        value,
      }));
      const written: unknown = { ...toBlockFile(block.spec, given.start === undefined), waivers };
      expect(parseBlockFile(JSON.parse(JSON.stringify(written)))).toMatchObject({ ok: true });
    }),
    { numRuns: 800 * times },
  );
  // A generator whose files are all refused would try nothing.
  expect(tally.read).toBeGreaterThan(tally.refused / 20);
});

it('reads any shorthand or says what is wrong, and prints what can be read again', () => {
  const words = ['km', 'm', 'mi', 'min', 's', 'h', '@', 'x', '(', ')', ';', ',', '-', '+', 'to'];
  const more = ['easy', 'mile', 'jog', 'in', 'steps', 'bpm', '/km', 's/km', '[', ']', 'effort'];
  const number = fc.oneof(
    fc.nat(30).map(String),
    fc.double({ noNaN: true, min: 0 }).map(String),
    fc.constantFrom('0', '00', '1:30', '99:59', '1e9', '9'.repeat(40), '0,5', '400-800-400'),
  );
  const part = fc.oneof(number, fc.constantFrom(...words, ...more), fc.string({ maxLength: 4 }));
  const heading = fc.constantFrom(
    ...words,
    ...more,
    'race',
    'rest',
    'hills',
    'progression',
    'walk',
  );
  const headed = fc.constantFrom('6 x 400 m', '400-800-400 m', '10 km', '2 x (1 km, 90 s jog)');
  const text = fc.oneof(
    fc.array(part, { maxLength: 14 }).map((parts) => parts.join(' ')),
    fc.tuple(heading, fc.constantFrom(' ', ': ', ' easy '), headed).map((parts) => parts.join('')),
    fc.string({ maxLength: 60 }),
    fc
      .tuple(fc.constantFrom('4 x ', '10 km @ ', '6 x (400 m @ '), number, fc.constantFrom(...more))
      .map((parts) => parts.join('')),
  );
  fc.assert(
    fc.property(text, (typed) => {
      const session = readSession(typed);
      if (!session.ok) {
        expect(session.problem.message).not.toBe('');
        return;
      }
      const printed = printSession(session.session);
      expect(readSession(printed)).toEqual(session);
    }),
    { numRuns: 2500 * times },
  );
});

/** Places in a tree that hold a figure no one can run: not finite, or a distance or time below nothing. */
function wrongFigures(tree: unknown, path = 'block'): string[] {
  if (typeof tree === 'number') {
    const amount = /\.(distance|time|volume|longRun|hardDistance|hardTime|amount)$/.test(path);
    return !Number.isFinite(tree) || (amount && tree < 0) ? [`${path} = ${tree}`] : [];
  }
  if (typeof tree !== 'object' || tree === null) return [];
  return Object.entries(tree).flatMap(([key, each]) => wrongFigures(each, `${path}.${key}`));
}
