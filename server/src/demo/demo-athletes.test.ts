import { expect, test } from 'vitest';
import { demoAthletes } from './demo-athletes.js';

test('a race that several athletes run is on one day for all of them', () => {
  const held = demoAthletes('2027-02-10').flatMap(({ race, events = [] }) => [
    { name: race.name, day: race.date },
    ...events
      .filter(({ kind }) => kind === 'tune-up-race')
      .map(({ name, from }) => ({ name, day: from })),
  ]);

  const names = new Set(held.map(({ name }) => name));
  const namesOnDays = new Set(held.map(({ name, day }) => `${name} on ${day}`));
  expect(names).toContain('Kestrel Ness 10');
  expect(namesOnDays.size).toBe(names.size);
});
