import { expect, it } from 'vitest';
import { raceByName } from './race-by-name.js';

const km = { basis: 'distance', unit: 'km', step: 1 } as const;

it.each([
  ['Gullstone 10k', '10k race (Gullstone)'],
  ['Kestrel Ness 10 miles', '10 miles race (Kestrel Ness)'],
  ['Lantern Bay Half', 'Half race (Lantern Bay)'],
  ['Gullstone 10', '10 km race (Gullstone)'],
])('offers a race for “%s”', (typed, race) => {
  expect(raceByName(typed, km)).toBe(race);
});

it('offers none where no race is named, nor one of minutes', () => {
  for (const typed of [
    'easy 10k',
    '10k Gullstone',
    'Gullstone',
    'Gullstone 6 x 1 km',
    'Pier 10 min',
  ])
    expect([typed, raceByName(typed, km)]).toEqual([typed, undefined]);
  expect(raceByName('Gullstone 10', { ...km, basis: 'time' })).toBeUndefined();
});
