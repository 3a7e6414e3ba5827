import { type Since, inForce, newestEngine } from '../rules/index.js';
import type { HeartBand, NamedPace } from '../spec/choices/index.js';

const MARATHON = 42_195;
const MILE = 1609.344;
const ofMaximum = (from: number, to: number): HeartBand => ({ of: 'maximum', from, to });

const firstPaces: NamedPace[] = [
  {
    id: 'recovery',
    name: 'Recovery',
    base: { race: MARATHON },
    offset: [85, 130],
    heart: ofMaximum(0.6, 0.7),
    effort: 'Hardly an effort.',
    talk: 'Could sing.',
  },
  {
    id: 'easy',
    name: 'Easy',
    base: { race: MARATHON },
    offset: [50, 90],
    heart: ofMaximum(0.65, 0.75),
    effort: 'Comfortable all the way.',
    talk: 'Whole stories.',
  },
  {
    id: 'steady',
    name: 'Steady',
    base: { race: MARATHON },
    offset: [15, 35],
    heart: ofMaximum(0.75, 0.82),
    effort: 'Brisk, in control.',
    talk: 'Sentences, with a breath between.',
  },
  {
    id: 'marathon',
    name: 'Marathon',
    base: { race: MARATHON },
    offset: [0, 0],
    heart: ofMaximum(0.8, 0.87),
    effort: 'Steady work that lasts.',
    talk: 'Short sentences.',
  },
  {
    id: 'half-marathon',
    name: 'Half marathon',
    base: { race: 21_097.5 },
    offset: [0, 0],
    heart: ofMaximum(0.85, 0.9),
    effort: 'Firm.',
    talk: 'A phrase at a time.',
  },
  {
    id: 'one-hour',
    name: 'One-hour (threshold)',
    base: { lasts: 3600 },
    offset: [0, 0],
    heart: ofMaximum(0.87, 0.92),
    effort: 'Comfortably hard: just short of strain.',
    talk: 'A few words.',
  },
  {
    id: 'half-hour',
    name: 'Half-hour',
    base: { lasts: 1800 },
    offset: [0, 0],
    heart: ofMaximum(0.9, 0.95),
    effort: 'Hard, even, no fighting.',
    talk: 'A word or two.',
  },
  {
    id: '10-km',
    name: '10 km',
    base: { race: 10_000 },
    offset: [0, 0],
    heart: ofMaximum(0.92, 0.96),
    effort: 'Hard.',
    talk: 'A word.',
  },
  {
    id: '5-km',
    name: '5 km',
    base: { race: 5000 },
    offset: [0, 0],
    heart: ofMaximum(0.95, 1),
    effort: 'Very hard.',
    talk: 'Nothing.',
  },
  { id: '3-km', name: '3 km', base: { race: 3000 }, offset: [0, 0], effort: 'Fast, smooth.' },
  { id: 'mile', name: 'Mile', base: { race: MILE }, offset: [0, 0], effort: 'Fast.' },
  { id: '800-m', name: '800 m', base: { race: 800 }, offset: [0, 0], effort: 'Near full speed.' },
  {
    id: 'strides',
    name: 'Strides',
    base: { race: 1500 },
    offset: [-10, 10],
    effort: 'Quick and relaxed for 15 to 20 seconds; full rest.',
  },
];

/** The table of paces a coach starts with, slowest first, under each number of defaults. Every figure is policy. */
export const pacesSince: Since<NamedPace[]> = { 1: firstPaces };

/** The table of the newest defaults. */
export const defaultPaces: NamedPace[] = defaultPacesOf(newestEngine);

/** The table that a block of this number starts from. */
export function defaultPacesOf(engine = newestEngine): NamedPace[] {
  return inForce(pacesSince, engine);
}
