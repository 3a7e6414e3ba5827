/**
 * What coaches also call the paces of the standard table, by their ids. A coach's
 * own words of a pace (`also`) stand before these, and in their place.
 */
export const usualWords: Readonly<Partial<Record<string, readonly string[]>>> = {
  recovery: ['jog', 'jogging', 'shuffle', 'very easy'],
  easy: [
    'relaxed',
    'gentle',
    'comfortable',
    'conversational',
    'aerobic',
    'warm-up',
    'warm down',
    'cool-down',
    'wu',
    'cd',
    'up',
    'down',
  ],
  steady: ['brisk', 'moderate', 'float', 'upper aerobic'],
  marathon: ['mp', 'm'],
  'half-marathon': ['hm', 'hmp', 'half'],
  'one-hour': ['threshold', 'tempo', 'lt', 't', 'cruise'],
  'half-hour': ['cv', 'critical velocity'],
  '10-km': ['hard'],
  '5-km': ['quick', 'interval', 'vo2', 'vo2max', 'on'],
  '3-km': ['fast'],
  '800-m': ['sprint', 'all-out', 'flat out'],
  strides: ['stride', 'strideout', 'pick-ups'],
};
