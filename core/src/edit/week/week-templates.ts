import type { PatternDay } from '../../spec/days/index.js';

/** A ready week: who it is for, what it costs, and its days from a Monday on. */
export interface WeekPatternChoice {
  title: string;
  why: string;
  days: PatternDay[];
}

const rest: PatternDay = { role: 'rest' };
const easy: PatternDay = { role: 'easy' };
const short: PatternDay = { role: 'short-easy' };
const loose: PatternDay = { role: 'recovery' };
const hard: PatternDay = { role: 'quality' };
const semi: PatternDay = { role: 'semi-long' };
const long: PatternDay = { role: 'long' };
const bike: PatternDay = { role: 'cross-train', cross: 'bike' };
const strides: PatternDay = { role: 'easy', addOn: 'strides' };
const strength = (day: PatternDay): PatternDay => ({ ...day, strength: true });
const twice = (day: PatternDay): PatternDay => ({ ...day, double: true });

/** Ready weeks; each is a start to change from. Adding one is one entry here. */
export const weekPatterns = {
  'three-runs': {
    title: 'Three runs',
    why: 'One hard, one easy, one long, and the bike: for those often hurt or short of time.',
    days: [rest, hard, rest, easy, bike, rest, long],
  },
  'four-runs': {
    title: 'Four runs',
    why: 'A day off after each run but one; little to recover from, little to build on.',
    days: [rest, hard, rest, easy, rest, short, long],
  },
  'five-runs': {
    title: 'Five runs',
    why: 'Two hard days well apart; rest after the long run and between the two.',
    days: [rest, strength(hard), rest, strides, hard, short, long],
  },
  'six-runs': {
    title: 'Six runs',
    why: 'Two hard days and a semi-long run between them; one day off, after the first.',
    days: [loose, strength(hard), rest, semi, hard, short, long],
  },
  'seven-runs': {
    title: 'Seven runs',
    why: 'Every day, the days after hard ones loose: for those who run better for running daily.',
    days: [loose, strength(hard), easy, semi, hard, short, long],
  },
  'six-with-doubles': {
    title: 'Six days, two of them twice',
    why: 'Second easy runs spread the load of a heavy week; only from about 95 km on.',
    days: [twice(easy), strength(hard), rest, twice(semi), hard, short, long],
  },
  'seven-with-doubles': {
    title: 'Seven days, four of them twice',
    why: 'For the heaviest weeks: no single easy run grows long, the legs are never far from the last run.',
    days: [twice(easy), strength(hard), twice(easy), twice(semi), hard, twice(easy), long],
  },
  'back-to-back': {
    title: 'Two runs back to back at the weekend',
    why: 'A semi-long run the day before the long one: for two races in one weekend or a very long race; hard on the legs.',
    days: [rest, strides, hard, rest, easy, semi, long],
  },
  'nine-days': {
    title: 'Nine days',
    why: 'Two easy days after every hard one and the long run: for those who recover slowly.',
    days: [easy, hard, rest, easy, hard, easy, short, long, rest],
  },
  'ten-days': {
    title: 'Ten days',
    why: 'Two hard days, a semi-long run and a long one, with room after each; it leaves the weekend behind.',
    days: [easy, hard, rest, easy, hard, rest, easy, semi, short, long],
  },
  'fourteen-days': {
    title: 'Fourteen days, rest every other week',
    why: 'Seven runs, then six; the week with rest is smaller by its day, which is not made up.',
    days: [loose, hard, easy, semi, hard, short, long, loose, hard, rest, semi, hard, short, long],
  },
} as const satisfies Record<string, WeekPatternChoice>;

export type WeekPatternName = keyof typeof weekPatterns;
export const weekPatternNames = Object.keys(weekPatterns) as [
  WeekPatternName,
  ...WeekPatternName[],
];
