/** What the coach wrote of days, giving way. */

export { leftToTheirWeek, UNSAID } from './left-to-their-week.js';
export { easyWords, withoutHard } from './without-hard.js';
