import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { safeParse, type $ZodType } from 'zod/v4/core';
import { problemLine, problemsOf } from '../problems.js';
import { athleteBody, firstCoachBody, saveBlockBody, signInBody } from './bodies.js';
import { settings } from './first-answers.js';
import { changeWords } from './change-words.js';
import { type Route, routes } from './routes.js';

const linesOf = (schema: $ZodType, input: unknown) => {
  const parsed = safeParse(schema, input);
  return parsed.success ? [] : problemsOf(parsed.error as z.ZodError, input).map(problemLine);
};

describe('bodies', () => {
  const coach = {
    name: 'Maren Tolvik',
    email: 'Maren@SkerryLane.example',
    password: '0123456789',
    code: 'abcd',
  };

  it('take an address in any case as the same', () => {
    expect(firstCoachBody.parse(coach).email).toBe('maren@skerrylane.example');
    expect(signInBody.parse({ email: coach.email, password: 'x' }).email).toBe(
      'maren@skerrylane.example',
    );
  });

  it('want ten characters of a new password, and no more than two hundred', () => {
    expect(linesOf(firstCoachBody, { ...coach, password: '012345678' })).toHaveLength(1);
    expect(linesOf(firstCoachBody, { ...coach, password: '0'.repeat(200) })).toEqual([]);
    expect(linesOf(firstCoachBody, { ...coach, password: '0'.repeat(201) })).toHaveLength(1);
  });

  it('want an athlete’s name, trimmed', () => {
    expect(athleteBody.parse({ name: '  Idris Vale ' }).name).toBe('Idris Vale');
    expect(linesOf(athleteBody, { name: '   ' })).toEqual([
      'name: expected text with a length of at least 1, received "   ".',
    ]);
    expect(linesOf(athleteBody, {})).toEqual(['name: expected text, received nothing.']);
  });

  it('refuse fields that they do not know, each by name', () => {
    const good = { unit: 'km', step: 1, theme: 'dark', weekStartsOn: 'monday' };
    expect(linesOf(settings, good)).toEqual([]);
    expect(linesOf(settings, { ...good, colour: 'red', size: 7 })).toEqual([
      'colour: is no field of this format. Remove it, or check its spelling.',
      'size: is no field of this format. Remove it, or check its spelling.',
    ]);
    expect(linesOf(settings, { ...good, step: 2 })).toEqual([
      'step: expected 1 or 0.5 or 0.1, received 2.',
    ]);
  });

  it('want words for a change, and the revision it was made on', () => {
    const wishes = {
      format: 'nadir-block',
      version: 1,
      race: { name: 'Gullstone 10', date: '2027-05-30', distance: 10_000 },
    };
    expect(linesOf(saveBlockBody, { revision: 1, wishes, words: 'Fixed week 3.' })).toEqual([]);
    expect(linesOf(saveBlockBody, { revision: 0, wishes, words: '' })).toHaveLength(2);
    expect(linesOf(saveBlockBody, { revision: 1.5, wishes, words: 'x' })).toHaveLength(1);
    expect(linesOf(saveBlockBody, { revision: 1, wishes, words: 'x', by: 'me' })).toHaveLength(1);
    expect(linesOf(saveBlockBody, { revision: 1, wishes, words: 'x', saveId: '7' })).toHaveLength(
      1,
    );
  });
});

describe('the words of changes', () => {
  it('are one line, its end where it is too long, and whole characters', () => {
    expect(changeWords(['Fixed week 3.', 'Undone.'])).toBe('Fixed week 3. Undone.');
    const cut = changeWords(['😀'.repeat(260), 'xy']);
    expect(cut).toHaveLength(499);
    expect(cut).not.toMatch(/\p{Cs}/u);
  });
});

describe('problems', () => {
  const schema = z.strictObject({ pins: z.array(z.strictObject({ week: z.int() })).max(1) });

  it('say where, with the place in a list', () => {
    expect(linesOf(schema, { pins: [{ week: 1.5 }] })).toEqual([
      'pins[0].week: expected a whole number, received 1.5.',
    ]);
  });

  it('keep what was received short enough for a line', () => {
    const [line = ''] = linesOf(schema, { pins: 'x'.repeat(500) });
    expect(line).toMatch(/^pins: expected a list, received "x+…\.$/);
    expect(line.length).toBeLessThan(120);
  });

  it('cut a long word between characters, never through one', () => {
    const [line = ''] = linesOf(schema, { pins: `${'x'.repeat(55)}😀😀😀` });
    expect(line).not.toMatch(/\p{Cs}/u);
  });

  it('are fifty at the most, and how many more', () => {
    const keys = (count: number) =>
      Object.fromEntries(Array.from({ length: count }, (_, at) => [`key${at}`, 1]));
    expect(linesOf(z.strictObject({}), keys(50))).toHaveLength(50);
    const many = linesOf(z.strictObject({}), keys(52));
    expect(many).toHaveLength(51);
    expect(many.at(-1)).toBe('… and 2 more.');
  });

  it('say the length of a list', () => {
    expect(linesOf(schema, { pins: [{ week: 1 }, { week: 2 }] })[0]).toContain(
      'a list with a length of at most 1',
    );
  });
});

describe('routes', () => {
  const all: [string, Route][] = Object.entries(routes);

  it('are each served once', () => {
    const places = all.map(([, { method, path }]) => `${method} ${path}`);
    expect(new Set(places).size).toBe(places.length);
  });

  it.each(all)('%s takes a body only where something is written', (_, { method, body, path }) => {
    if (method === 'GET') expect(body).toBeUndefined();
    if (method === 'PUT') expect(body).toBeDefined();
    expect(path).toMatch(/^\/(api|health)\//);
  });
});
