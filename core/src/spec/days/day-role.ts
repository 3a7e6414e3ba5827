import { isRun, type PatternRole, patternRoles } from './pattern-day.js';

/** What a day may be: as the coach asks, or as races make it. */
export const dayRoles = [...patternRoles, 'tune-up', 'test', 'race'] as const;
export type DayRole = (typeof dayRoles)[number];

/** What each role is called on a day. */
export const dayRoleWords: Readonly<Record<DayRole, string>> = {
  long: 'long run',
  quality: 'quality',
  'semi-long': 'semi-long',
  easy: 'easy',
  'short-easy': 'short easy',
  recovery: 'recovery run',
  'cross-train': 'cross-training',
  rest: 'rest',
  'tune-up': 'tune-up race',
  test: 'test',
  race: 'race',
};

/** The role a day is run in; easy where it was none. */
export function runRole(role: DayRole): PatternRole {
  return isRun(role) ? (role as PatternRole) : 'easy';
}
