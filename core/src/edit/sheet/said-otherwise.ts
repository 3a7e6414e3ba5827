import { type Measure, unitName } from '../../base/index.js';
import { WRITTEN_UNITS } from '../../base/format/index.js';

/** A way to write a day that means what is written otherwise, and how. */
type Way = readonly [pattern: RegExp, otherwise: string];

const NUMBER = String.raw`(\d+(?:[.,]\d+)?)`;
/** Words for a long run, at the head or the tail of what is written of it. */
const LONG = '(?:long(?: slow| easy)?(?: run)?|lr|lsd)';
const CROSS = '(?:xt|x-train(?:ing)?|cross[ -]?train(?:ing)?)';
/** The ways of a table whose figures are in a unit. */
function waysIn(unit: string): readonly Way[] {
  const amount = `${NUMBER}(?: ?${WRITTEN_UNITS[unit] ?? unit})?`;
  const run = `${amount}(?: easy)?`;
  const way = (pattern: string, otherwise: string): Way => [
    new RegExp(`^${pattern}`, 'i'),
    otherwise,
  ];
  return [
    // LR 18 miles is 18 long.
    way(`${LONG}:? ${amount}$`, '$1 long'),
    // Long run 30k last 10k @ MP; 24 long, last 8 steady: on its day a long run needs no name.
    way(`${LONG}[:,]? (?=\\d)`, ''),
    way(`(${amount}) ${LONG}(?=,? (?:last|first|the|with|w/|inc|\\())`, '$1'),
    // Run 10 km
    way('run:? (?=\\d)', ''),
    // 8 am, 6 pm; AM: 8 easy PM: 6 easy; 8/6, 8 & 6: two runs.
    way(`(?:double:? )?${run} ?am[,;]? ?(?:and |& ?|\\+ ?|/ ?)?${run} ?pm$`, '$1+$2'),
    way(`(?:double:? )?am:? ${run}[,;]? ?(?:/ ?)?pm:? ${run}$`, '$1+$2'),
    way(`${run}(?: ?[/&] ?| and )${run}$`, '$1+$2'),
    // Double: 8+6
    way('double:? (?=\\d)', ''),
    // 1:15 easy is an hour and a quarter.
    way('([1-5]):([0-5]\\d)(?= [a-z]|$)(?! (?:min|s|h|per)\\b)', '$1 h $2 min'),
    // XT 45 min; cross train: 40 min bike.
    way(`${CROSS}:? (\\d+(?: ?(?:min|h|hours?))?)$`, '$1 bike'),
    way(`(\\d+ ?(?:min|h|hours?)) ${CROSS}$`, '$1 bike'),
    way(`${CROSS}:? (?=.*[a-z])`, ''),
  ];
}

const known = new Map<string, readonly Way[]>();

/** A day in the words that are read, where a coach has others for it; undefined where it has none. */
export function saidOtherwise(typed: string, measure: Measure): string | undefined {
  const unit = unitName(measure);
  const ways = known.get(unit) ?? waysIn(unit);
  known.set(unit, ways);
  const way = ways.find(([pattern]) => pattern.test(typed));
  return way && typed.replace(way[0], way[1]);
}
