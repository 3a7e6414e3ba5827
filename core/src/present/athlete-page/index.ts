/** The page an athlete holds in the hand: the handout, with what a phone needs beside it. */

export {
  type AthleteBlock,
  athleteBlock,
  type AthleteDay,
  type AthleteWeek,
} from './athlete-block.js';
export { meantEffort } from './meant-effort.js';
