import { addDays, sum } from '../../base/index.js';
import type { Review } from '../done/review-block.js';
import { illnessOf } from '../done/spells.js';
import type { FindPattern } from './pattern.js';

/** Mornings that still speak of now; that many in a row are no single bad night. */
const NOW = 3;
/** At or under this of five, a night or a morning was poor. */
const POOR = 2;
/** Weeks over which soreness and load are held against each other. */
const WEEKS = 3;

/** Pain that changes the stride: running stops. */
export const runningInPain: FindPattern = (review) => {
  const hurt = recent(review).filter(({ sore }) => sore?.stride);
  return hurt.length === 0
    ? undefined
    : { code: 'running-in-pain', level: 'stop', dates: dates(hurt), health: true };
};

/** Ill on the last morning there is a word of. */
export const illNow: FindPattern = (review) => {
  const spell = illnessOf(review);
  if (!spell || spell.isOver) return undefined;
  const level = spell.worst === 'above-neck' ? 'caution' : 'stop';
  return { code: 'ill-now', level, dates: [spell.from, spell.to], value: spell.days, health: true };
};

/** Well again, and still within as many days as it lasted. */
export const backFromIllness: FindPattern = (review) => {
  const spell = illnessOf(review);
  if (!spell?.isOver || addDays(spell.to, spell.days) < review.today) return undefined;
  const dates = [spell.from, spell.to];
  return { code: 'back-from-illness', level: 'caution', dates, value: spell.days, health: true };
};

/** A niggle that stays: sore from the house rule on, twice in three mornings. */
export const soreNow: FindPattern = (review) => {
  const { sore: limit } = review.rules.diary;
  const sore = recent(review).filter((each) => (each.sore?.level ?? 0) >= limit);
  if (sore.length < 2 || sore.some((each) => each.sore?.stride)) return undefined;
  const value = Math.max(...sore.map((each) => each.sore?.level ?? 0));
  return { code: 'sore-now', level: 'caution', dates: dates(sore), value, limit, health: true };
};

/** Three mornings in a row tired, short of sleep, without appetite, or with a pulse over the usual. */
export const notRecovering: FindPattern = (review) => {
  const { mornings, rules } = review;
  const ordered = inOrder(mornings);
  const last = recent(review);
  const before = ordered.filter((each) => !last.includes(each)).flatMap(({ pulse }) => pulse ?? []);
  const usual = before.length > 0 ? sum(before) / before.length : Infinity;
  const isPoor = ({ fresh = 5, sleep = 5, appetite = 5, pulse = 0 }: Review['mornings'][number]) =>
    Math.min(fresh, sleep, appetite) <= POOR || pulse >= usual + rules.diary.pulseOver;
  if (last.length < NOW || !last.every(isPoor)) return undefined;
  return { code: 'not-recovering', level: 'caution', dates: dates(last), health: true };
};

/** Soreness that rises with the load: both higher in each of three weeks than in the one before. */
export const soreWithLoad: FindPattern = ({ weeks }) => {
  const last = weeks.filter(({ isWhole }) => isWhole).slice(-WEEKS);
  const sore = last.map(({ days }) => sum(days.map(({ morning }) => morning?.sore?.level ?? 0)));
  const rises = (values: readonly number[]) =>
    values.every((value, index) => index === 0 || value > (values[index - 1] ?? 0));
  const both = rises(sore) && rises(last.map(({ load }) => load));
  if (last.length < WEEKS || !both) return undefined;
  const starts = last.map(({ week }) => week.start);
  return { code: 'sore-with-load', level: 'caution', dates: starts, health: true };
};

function recent({ mornings, today }: Review): Review['mornings'] {
  return inOrder(mornings).filter(({ date }) => date > addDays(today, -NOW));
}

function inOrder(mornings: Review['mornings']): Review['mornings'] {
  return mornings.toSorted((one, other) => (one.date < other.date ? -1 : 1));
}

function dates(mornings: Review['mornings']) {
  return mornings.map(({ date }) => date);
}
