import { dayWords } from '../../base/format/index.js';
import { apart, sharesApart } from './apart.js';
import type { Found, Message } from './message-of.js';
import { andOthers, where } from './where.js';

type DayCheckCode =
  | 'under-18-doubles'
  | 'hard-days-adjacent'
  | 'too-much-hard'
  | 'hard-running-jump'
  | 'quality-in-easy-phase'
  | 'week-over-wish'
  | 'week-under-wish'
  | 'semi-long-near-long'
  | 'session-outside-days'
  | 'monotony'
  | 'race-pace-never'
  | 'rest-before-hard'
  | 'strength-before-hard'
  | 'cross-after-quality'
  | 'doubles-too-soon'
  | 'too-little-hard'
  | 'taper-not-quick'
  | 'run-too-short'
  | 'unknown-pace'
  | 'any-run-over-long-run'
  | 'race-rep-too-long'
  | 'session-dropped'
  | 'wish-not-kept'
  | 'fixed-day-overruled';

/** The words of the checks on days and sessions. */
export const dayMessages: Readonly<Record<DayCheckCode, Message>> = {
  'under-18-doubles': (found) =>
    `${count(daysOf(found), 'day is', 'days are')} run twice. Growing bodies need the rest between: one run a day.`,
  'hard-days-adjacent': (found) =>
    found.about === 'pair'
      ? `${where(found)}: ${count(found.value, 'easy day', 'easy days')} after two hard ones in a row; ${found.limit} at least.`
      : `${where(found)}: ${count(found.value, 'easy day', 'easy days')} between two hard ones; ${found.limit} at least. The second one is run on the first one’s legs.`,
  'too-much-hard': (found) =>
    `${where(found)}: ${sharesApart(found).value} is hard running; ${sharesApart(found).limit} is the most that a week bears.`,
  'hard-running-jump': (found) =>
    `${where(found)}: the key session holds ${sharesApart(found).value} more hard running than the one before; ${sharesApart(found).limit} is the most for another kind of session.`,
  'quality-in-easy-phase': (found) =>
    `${where(found)}: ${count(found.value, 'quality day', 'quality days')}; this phase is for ${found.limit === 0 ? 'none' : found.limit}.`,
  'week-over-wish': (found, { figures }) => {
    const { value, limit } = apart(found, figures.measure);
    return `${where(found)}: fixed days and sessions come to ${value}; the week is to be ${limit}. They are kept as you fixed them.`;
  },
  'week-under-wish': (found, { figures }) => {
    const { value, limit } = apart(found, figures.measure);
    return `${where(found)}: its days come to ${value}; the week is fixed at ${limit}, and no day can make it up. Free a day, add one, or let the week be ${value}.`;
  },
  'semi-long-near-long': (found, { figures }) => {
    const { value, limit } = apart(found, figures.measure);
    return `${where(found)}: a run of ${value}; beside this long run ${limit} is the most, so that the long run stays one.`;
  },
  'any-run-over-long-run': (found, { figures }) => {
    const { value, limit } = apart(found, figures.measure);
    return `${where(found)}: a run of ${value}; beside this long run ${limit} is the most. A longer long run, another run day or a lighter week would leave it the longest.`;
  },
  'race-rep-too-long': (found) =>
    `${where(found)}: a repetition is ${sharesApart(found).value} of the race; ${sharesApart(found).limit} is the most at its pace. More of it is a race in training.`,
  'session-dropped': (found) =>
    `${where(found)}: too little running for the smallest of the session on ${count(daysOf(found), 'quality day', 'quality days')}, with room to warm up and cool down. Strides take its place.`,
  'wish-not-kept': (found) => wishWords(found),
  'session-outside-days': (found) =>
    `${where(found)}: ${count(daysOf(found), 'run is', 'runs are')} fixed on a day the athlete cannot run.`,
  monotony: (found) =>
    `${where(found)}: monotony of ${found.value.toFixed(2)}; over ${found.limit.toFixed(2)} illness and soreness come sooner. Make the hard days harder, or the easy ones easier.`,
  'race-pace-never': () =>
    'No session before the taper is run at the race’s pace: race day would be the first time.',
  'rest-before-hard': (found) =>
    `${where(found)}: rest the day before a hard day. It does more the day after; legs are stiff straight after a day off.`,
  'strength-before-hard': (found) =>
    `${where(found)}: ${count(daysOf(found), 'time', 'times')} strength work stands the day before something hard. After a hard run it costs nothing.`,
  'cross-after-quality': (found) =>
    `${where(found)}: ${count(daysOf(found), 'time', 'times')} cross-training falls on the day after a quality session, which is for recovering.`,
  'doubles-too-soon': (found, { figures }) => {
    const { value, limit } = apart(found, figures.measure);
    return `${where(found)}: two runs a day in a week of ${value}; under ${limit} one longer run does more.`;
  },
  'too-little-hard': (found) =>
    `${sharesApart(found).value} of the speed phase is hard running; under ${sharesApart(found).limit} it will hardly be felt.`,
  'taper-not-quick': (found) =>
    `${where(found)}: no quick running is left. Legs that only rest go flat; strides are enough.`,
  'run-too-short': (found, { figures }) => {
    const { value, limit } = apart(found, figures.measure);
    return `${where(found)}: a run of ${value}; under ${limit} it is hardly worth changing for.`;
  },
  'fixed-day-overruled': (found) =>
    `${where(found)}: ${count(daysOf(found), 'day is', 'days are')} not as you fixed it. A race, days away, an injury, the nearness of the race or too little running stands in the way; what you wrote is kept for when it does not.`,
  'unknown-pace': (found) =>
    `${where(found)}: ${count(daysOf(found), 'session speaks', 'sessions speak')} of a pace that is not in the table; it is counted as easy.`,
};

function wishWords(found: Found): string {
  const { value, limit, about, dates: [first = ''] = [] } = found;
  const days = andOthers(dayWords(first), daysOf(found) - 1, 'day', 'days');
  switch (about) {
    case 'peak-week':
      return `The peak was to be reached in week ${limit}; that week recovers, tapers or is too early for it, and it stands in week ${value}.`;
    case 'held':
      return `${limit} weeks were to be held at the peak; there is room for ${value}.`;
    case 'double':
      return `${days}: to be run twice, and run once. A race or a test stands there, or the week has too little running for a second run.`;
    case 'add-on':
      return `${days}: no room for the strides, drills or sprints you asked for. A race or a test stands there, or the run is too short for them.`;
    default:
      return `${limit} quality days a week were asked; ${value} are laid, as many as a phase bears.`;
  }
}

/** How many days it was found on. */
function daysOf({ dates, value }: Found): number {
  return dates?.length ?? value;
}

function count(number: number, one: string, more: string): string {
  return `${number === 0 ? 'No' : number} ${number === 1 ? one : more}`;
}
