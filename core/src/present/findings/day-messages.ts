import { formatPercent, formatWithUnit } from '../../base/format/index.js';
import type { Message } from './message-of.js';

type DayCheckCode =
  | 'under-18-doubles'
  | 'hard-days-adjacent'
  | 'too-much-hard'
  | 'hard-running-jump'
  | 'quality-in-easy-phase'
  | 'week-over-wish'
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
  'under-18-doubles': ({ value }) => ({
    title: 'Two runs a day under 18',
    message: `${count(value, 'day is', 'days are')} run twice. Growing bodies need the rest between: one run a day.`,
  }),
  'hard-days-adjacent': ({ value, limit, weeks }) => ({
    title: 'Hard days too close',
    message: `${weeksWords(weeks)}: ${count(value, 'easy day', 'easy days')} between two hard ones; ${limit} at least. The second one is run on the first one’s legs.`,
  }),
  'too-much-hard': ({ value, limit, weeks }) => ({
    title: 'Too much of it hard',
    message: `${weeksWords(weeks)}: ${formatPercent(value)} is hard running; ${formatPercent(limit)} is the most that a week bears.`,
  }),
  'hard-running-jump': ({ value, limit, weeks }) => ({
    title: 'A jump in hard running',
    message: `The key session of ${weeksWords(weeks).toLowerCase()} holds ${formatPercent(value)} more hard running than the one before; ${formatPercent(limit)} is the most for another kind of session.`,
  }),
  'quality-in-easy-phase': ({ value, limit, weeks }) => ({
    title: 'Quality in an easy phase',
    message: `${weeksWords(weeks)}: ${count(value, 'quality day', 'quality days')}; this phase is for ${limit === 0 ? 'none' : limit}.`,
  }),
  'week-over-wish': ({ value, limit, weeks }, { figures }) => ({
    title: 'Days ask for more than the week',
    message: `${weeksWords(weeks)}: fixed days and sessions come to ${say(value, figures.measure)}; the week is to be ${say(limit, figures.measure)}. They are kept as you fixed them.`,
  }),
  'semi-long-near-long': ({ value, limit, weeks }, { figures }) => ({
    title: 'Semi-long run near the long run',
    message: `${weeksWords(weeks)}: a run of ${say(value, figures.measure)}; beside this long run ${say(limit, figures.measure)} is the most, so that the long run stays one.`,
  }),
  'any-run-over-long-run': ({ value, limit, weeks }, { figures }) => ({
    title: 'A run near the long run',
    message: `${weeksWords(weeks)}: a run of ${say(value, figures.measure)}; beside this long run ${say(limit, figures.measure)} is the most. A longer long run, another run day or a lighter week would leave it the longest.`,
  }),
  'race-rep-too-long': ({ value, limit, weeks }) => ({
    title: 'Long repetition at race pace',
    message: `${weeksWords(weeks)}: a repetition is ${formatPercent(value)} of the race; ${formatPercent(limit)} is the most at its pace. More of it is a race in training.`,
  }),
  'session-dropped': ({ value, weeks }) => ({
    title: 'Session dropped',
    message: `${weeksWords(weeks)}: too little running for the smallest of the session on ${count(value, 'quality day', 'quality days')}, with room to warm up and cool down. Strides take its place.`,
  }),
  'wish-not-kept': ({ value, limit, about }) => ({
    title: 'A wish that is not kept',
    message:
      about === 'peak-week'
        ? `The peak was to be reached in week ${limit}; that week recovers, tapers or is too early for it, and it stands in week ${value}.`
        : about === 'held'
          ? `${limit} weeks were to be held at the peak; there is room for ${value}.`
          : `${limit} quality days a week were asked; ${value} are laid, as many as a phase bears.`,
  }),
  'session-outside-days': ({ value, weeks }) => ({
    title: 'Run on a day off',
    message: `${weeksWords(weeks)}: ${count(value, 'run is', 'runs are')} fixed on a day the athlete cannot run.`,
  }),
  monotony: ({ value, limit, weeks }) => ({
    title: 'Days too much alike',
    message: `${weeksWords(weeks)}: monotony is up to ${value.toFixed(1)}; over ${limit.toFixed(1)} illness and soreness come sooner. Make the hard days harder, or the easy ones easier.`,
  }),
  'race-pace-never': () => ({
    title: 'Race pace never practised',
    message:
      'No session before the taper is run at the race’s pace: race day would be the first time.',
  }),
  'rest-before-hard': ({ value, weeks }) => ({
    title: 'Rest before the hard day',
    message: `${count(value, 'week rests', 'weeks rest')} the day before a hard day (${weeksWords(weeks).toLowerCase()}). Rest does more after it; legs run stiff out of a day off.`,
  }),
  'strength-before-hard': ({ value }) => ({
    title: 'Strength before the hard day',
    message: `${count(value, 'time', 'times')} strength work stands the day before something hard. After a hard run it costs nothing.`,
  }),
  'cross-after-quality': ({ value }) => ({
    title: 'Cross-training after quality',
    message: `${count(value, 'time', 'times')} cross-training falls on the day after a quality session, which is for getting over it.`,
  }),
  'doubles-too-soon': ({ value, limit }, { figures }) => ({
    title: 'Two runs a day too soon',
    message: `Days are run twice from ${say(value, figures.measure)} a week on; under ${say(limit, figures.measure)} one longer run does more.`,
  }),
  'too-little-hard': ({ value, limit }) => ({
    title: 'Hardly anything quick',
    message: `${formatPercent(value)} of the speed phase is hard running; under ${formatPercent(limit)} it will hardly be felt.`,
  }),
  'taper-not-quick': ({ weeks }) => ({
    title: 'Nothing quick in the taper',
    message: `${weeksWords(weeks)}: no quick running is left. Legs that only rest go flat; strides are enough.`,
  }),
  'run-too-short': ({ value, limit, weeks }, { figures }) => ({
    title: 'A run too short',
    message: `${weeksWords(weeks)}: a run of ${say(value, figures.measure)}; under ${say(limit, figures.measure)} it is not worth the shoes.`,
  }),
  'fixed-day-overruled': ({ value, weeks }) => ({
    title: 'A fixed day is laid out otherwise',
    message: `${weeksWords(weeks)}: ${count(value, 'day is', 'days are')} not as you fixed it. A race, days away, an injury, the nearness of the race or too little running stands in the way; what you wrote is kept for when it does not.`,
  }),
  'unknown-pace': ({ value, weeks }) => ({
    title: 'Pace not in the table',
    message: `${weeksWords(weeks)}: ${count(value, 'session speaks', 'sessions speak')} of a pace that is not in the table; it is counted as easy.`,
  }),
};

function say(amount: number, measure: Parameters<typeof formatWithUnit>[1]): string {
  return formatWithUnit(amount, measure);
}

function count(number: number, one: string, more: string): string {
  return `${number === 0 ? 'No' : number} ${number === 1 ? one : more}`;
}

function weeksWords(weeks: readonly number[]): string {
  return `${weeks.length === 1 ? 'Week' : 'Weeks'} ${weeks.join(', ')}`;
}
