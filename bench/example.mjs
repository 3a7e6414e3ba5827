/** Twenty-four weeks with pins, a race, a camp and findings: what every figure is taken on. */
export const longBlock = {
  athlete: {
    recentWeeks: [52_000, 55_000, 54_000, 57_000],
    results: [{ date: '2026-11-08', distance: 10_000, time: 2430 }],
  },
  race: { name: 'Lantern Bay Marathon', date: '2027-06-06', distance: 42_195 },
  weeks: 24,
  volume: { start: 60_000, peak: 110_000 },
  longRun: { segment: /** @type {const} */ ('race-pace-finish') },
  events: [
    {
      kind: /** @type {const} */ ('tune-up-race'),
      name: 'Gullstone 10',
      from: '2027-04-11',
      distance: 10_000,
    },
    {
      kind: /** @type {const} */ ('camp'),
      name: 'Ostrel camp',
      from: '2027-03-01',
      to: '2027-03-07',
    },
  ],
  pins: [
    { week: 7, volume: 90_000 },
    { week: 9, longRun: 30_000 },
  ],
};
