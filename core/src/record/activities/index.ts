/** What files and watches tell: tables of runs, tracks, and what of them is new. */
export type { ActivitiesRead, Activity, ImportProblem, TrackMark } from './activity.js';
export {
  type ActivityColumn,
  activityColumns,
  activityColumnWords,
  guessActivityColumns,
} from './activity-columns.js';
export { type Match, matchActivities } from './match-activities.js';
export { type ActivityTable, readActivities } from './read-activities.js';
export {
  haversine,
  marksOf,
  meanHeart,
  quickestPieces,
  splitsOf,
  type TrackPoint,
} from './track.js';
