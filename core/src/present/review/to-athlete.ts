import { capital, dayWords, runText } from '../../base/format/index.js';
import { unitName } from '../../base/index.js';
import { isHardRunning, mainOf } from '../../layout/block/index.js';
import {
  type DayReviewed,
  type Pattern,
  patternsOf,
  type Review,
  type WeekReviewed,
} from '../../review/index.js';
import { startingFamilies } from '../../sessions/library/index.js';
import { dayRoleWords } from '../../spec/days/index.js';
import type { ShownBlock } from '../figures/show.js';
import { missedWords } from './done-words.js';
import type { ShownReview } from './show-review.js';

/** What a pattern asks of the athlete; patterns of health are the coach’s to speak of. */
const ASKS: Partial<Readonly<Record<Pattern['code'], string>>> = {
  'easy-too-quick': 'keep the easy runs slower',
  'over-plan': 'no more than the plan next week',
  'reps-too-quick': 'run the repetitions as set, no quicker',
};

/**
 * The sentence a review proposes for the athlete; the coach edits it. It says what
 * was run, what of the hard days, that nothing is made up, and one thing to heed.
 */
export function sentenceFor(
  review: Review,
  week: WeekReviewed,
  figures: ShownReview,
  { measure }: Pick<ShownBlock, 'measure'>,
): string {
  const shown = figures.weeks.get(week.week.number);
  if (!week.isKnown || shown?.run === undefined) {
    return 'Nothing was recorded this week. How did it go?';
  }
  const unit = unitName(measure);
  const asks = patternsOf(review).flatMap(({ code }) => ASKS[code] ?? []);
  return [
    `${runText(shown.run)} of ${runText(shown.planned)} ${unit}${hardWords(week)}.`,
    missedSentence(week),
    asks[0] === undefined ? '' : `${capital(asks[0])}.`,
  ]
    .filter((each) => each !== '')
    .join(' ');
}

function hardWords({ days }: WeekReviewed): string {
  const hard = days.filter(({ day, done }) => isHardRunning(day) && done.state === 'run');
  if (hard.length === 0) return '';
  const judged = hard.map(({ day, reps }) => {
    const family = mainOf(day)?.family?.name;
    const what = family === undefined ? placeOrSession(day.role) : spoken(family);
    const name = `${dayWords(day.date).slice(0, 3)}’s ${what}`;
    const { against } = reps?.judged ?? {};
    if (against === undefined) return `${name}: done`;
    const by = Math.abs(against);
    return by < 0.5
      ? `${name}: spot on`
      : `${name}: ${by.toFixed(0)} s ${against > 0 ? 'slower' : 'quicker'} than set`;
  });
  return `. ${judged.join('; ')}`;
}

/** In mid-sentence; a name of the coach’s own stays as it was written. */
function spoken(family: string): string {
  const isOwn = !startingFamilies.some(({ name }) => name === family);
  return isOwn ? family : family.toLowerCase().replace(/^the /, '');
}

/** A test or race on the way by its name, anything else a session. */
function placeOrSession(role: DayReviewed['day']['role']): string {
  return role === 'quality' ? 'session' : dayRoleWords[role];
}

function missedSentence({ days }: WeekReviewed): string {
  const missed = days.filter(({ done }) => done.state === 'missed');
  if (missed.length === 0) return '';
  const names = listWords(missed.map(({ day }) => dayWords(day.date).slice(0, 3)));
  const [reason] = missed.flatMap(({ done }) => (done.reason ? missedWords[done.reason] : []));
  const why = reason === undefined || reason === 'ill' || reason === 'sore' ? '' : ` (${reason})`;
  return `${names} missed${why}: no need to make ${missed.length === 1 ? 'it' : 'them'} up.`;
}

/** `Thu, Fri and Sat`. */
function listWords(words: readonly string[]): string {
  return [words.slice(0, -1).join(', '), ...words.slice(-1)]
    .filter((each) => each !== '')
    .join(' and ');
}
