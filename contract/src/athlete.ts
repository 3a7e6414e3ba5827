/** What an athlete's page reads and sends: nothing of the rest of the contract comes with it. */
export {
  type AthletePage,
  athletePage,
  type DoneEntry,
  type PageBlock,
  type PageDay,
  type PageWeek,
  sentAnswer,
  type SentBody,
  sentBody,
  type SentDone,
  type SentEntry,
} from './api/athlete-page.js';
export { paths } from './api/paths.js';
export { refused } from './api/first-answers.js';
