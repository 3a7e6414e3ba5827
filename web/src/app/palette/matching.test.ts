import { describe, expect, it } from 'vitest';
import { type Found, matching } from './matching.js';

const run = () => undefined;
const all: Found[] = [
  { name: 'Idris Vale', kind: 'athlete', run },
  { name: 'Vale of Ostrel, 12 weeks', kind: 'block', run },
  { name: 'Week 9, Idris Vale', kind: 'week', run },
  { name: 'Settings', kind: 'page', run },
];
const names = (typed: string) => matching(all, typed).map(({ name }) => name);

describe('finding by a few letters', () => {
  it('holds every word, in any order, of name or kind', () => {
    expect(names('idris week')).toEqual(['Week 9, Idris Vale']);
    expect(names('SET')).toEqual(['Settings']);
    expect(names('page')).toEqual(['Settings']);
    expect(names('nobody')).toEqual([]);
  });

  it('leads with names that begin with what is typed', () => {
    expect(names('vale')[0]).toBe('Vale of Ostrel, 12 weeks');
  });

  it('shows the first of all when nothing is typed', () => {
    expect(names('')).toEqual(all.map(({ name }) => name));
  });

  it('leads with what is done next until something is typed', () => {
    const next: Found = { name: 'New block', kind: 'page', next: true, run };
    expect(matching([...all, next], '')[0]).toBe(next);
    expect(matching([...all, next], 'e')[0]).not.toBe(next);
  });
});
