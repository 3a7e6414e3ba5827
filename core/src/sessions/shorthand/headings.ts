/** Words that head a part and are none of its paces: `session: 6 x 800 m @ 5 km`. */
export const HEADINGS: ReadonlySet<string> = new Set([
  'session',
  'main session',
  'main set',
  'main',
  'workout',
  'intervals',
  'interval session',
  'reps',
  'efforts',
  'fartlek',
  'track',
  'track session',
  'ladder',
  'pyramid',
  'run',
]);
