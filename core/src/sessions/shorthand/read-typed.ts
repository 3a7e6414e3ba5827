import { mentionsIn } from './mentions.js';
import { quickerThanAnyone, withRests } from './not-meant.js';
import { type ReadSession, readSession, type SessionProblem } from './parse-session.js';
import type { Part, SessionAmount, SessionUnit } from './session.js';

/** Metres that nobody runs by themselves: behind so few an m is a minute on many a blackboard, behind fewer a mile. */
const FEWEST_METRES = 60;
const MOST_MILES = 26.2;
/** The same of repetitions. */
const FEWEST_REPEATED = 10;
const METRES = /(?<![\d:.,])(\d{1,2}(?:\.\d)?)\s*m\b/gi;

/** 6M inc 6 x 200, where the rest cannot be read: a capital M behind so few is a mile. */
const CAPITAL = /(?<![\d:.,])((?:1?\d|2[0-6])(?:\.\d)?) ?M\b/g;

/** 16x400s, 8 x 400's: repetitions of 400 m, more than one of them. */
const PLURAL = /([x×*]\s*[1-9]\d?00)['’]?s\b/gi;

/**
 * Reads a session as it is typed: `6m easy` is six miles meant, and six metres read;
 * `16x400s` are no 400 seconds. A session that is stored is read as it stands.
 */
export function readTyped(text: string, usual?: SessionUnit): ReadSession {
  const read = readSession(text, usual);
  const meant = () =>
    read.ok ? slipsIn(text, read.session.parts, usual) : meantIn(text, read.problem, usual);
  return readsOtherwise(text, usual) ?? meant() ?? read;
}

/** What would be read as something else than coaches write it for. */
function readsOtherwise(text: string, usual?: SessionUnit): ReadSession | undefined {
  const single = text.replace(PLURAL, '$1 m');
  if (single !== text && readSession(single, usual).ok)
    return asked(`“${text}” reads as seconds`, single);
  const row = text.replace(ROW, inARow);
  if (row !== text && readSession(row, usual).ok)
    return asked(`“${text}” reads as runs one by one`, row);
  const hour = AN_HOUR.exec(text);
  if (hour) return asked(`“${text}” reads as words`, anHour(hour));
  return undefined;
}

/** An easy hour, easy for half an hour, hour run: an amount in words. */
const AN_HOUR =
  /^(?:an? )?(?:(easy|steady)(?: run)? )?(?:for )?(?:an? )?(half[ -](?:an )?)?hour(?: (easy|steady))?(?: (?:run|jog))?$/i;

function anHour([, before, half, behind]: RegExpExecArray): string {
  return [half === undefined ? '60 min' : '30 min', before ?? behind ?? ''].join(' ').trimEnd();
}

/** A name that is none, or metres that nobody runs. */
function slipsIn(text: string, parts: Part[], usual?: SessionUnit): ReadSession | undefined {
  const [name, meant] = slipOfName(text, parts) ?? [];
  if (name !== undefined && meant !== undefined) {
    const again = readSession(meant, usual);
    const offer = again.ok ? meant : again.problem.suggestion;
    if (offer !== undefined) return asked(`“${name}” is not a pace`, offer);
  }
  const perUnit = quickerThanAnyone(text, parts);
  if (perUnit !== undefined && readSession(perUnit, usual).ok)
    return asked('Nobody runs that far in that time', perUnit);
  const rested = withRests(text, parts);
  if (rested !== undefined && readSession(rested, usual).ok)
    return asked('The rest in brackets reads as running', rested);
  const slip = parts.map(slipIn).find(Boolean);
  if (slip === undefined) return undefined;
  const suggestion = text.replace(METRES, (whole, figure: string) => {
    if (Number(figure) >= FEWEST_METRES) return whole;
    return `${figure} ${Number(figure) <= MOST_MILES ? 'mi' : 'min'}`;
  });
  return asked(`${slip} is nothing to run`, suggestion);
}

/** What cannot be read, without its capitals; and what is offered for one slip, without a second one. */
function meantIn(text: string, problem: SessionProblem, usual?: SessionUnit) {
  const inMiles = text.replace(CAPITAL, '$1 mi');
  const found = inMiles === text ? undefined : readTyped(inMiles, usual);
  const miles = found?.ok ? inMiles : found?.problem.suggestion;
  if (miles !== undefined) return asked(`“${text}” cannot be read`, miles);
  const { suggestion } = problem;
  const again = suggestion === undefined ? undefined : readTyped(suggestion, usual);
  const both = again?.ok === false ? again.problem.suggestion : undefined;
  return both === undefined ? undefined : asked(`“${text}” cannot be read`, both);
}

/** 1 km, 2 km, 1 km @ 10 km, 2 min jog: one ladder, and a recovery between its rungs. */
const ROW = /^(?:\d+ ?(km|k|m|min)(?: ?, ?)){2,}\d+ ?\1(?= ?@[^,;]*(?:, ?| off )\d[^,;]*$)/i;

function inARow(whole: string, unit: string): string {
  return `${(whole.match(/\d+/g) ?? []).join('-')} ${/^k$/i.test(unit) ? 'km' : unit}`;
}

/** What stands at the end of the name of a pace and is none of it, and how it is written. */
const SLIPS: readonly (readonly [name: RegExp, written: string])[] = [
  // 3 x 8 min @ LT 90s
  [/^(.*\S) (\d+ ?(?:s|secs?|mins?|m|'|"))$/i, '$1, $2'],
  // 5 x 1 km @ 5k 2k cd
  [
    /^(.*\S) (\d+(?:\.\d)? ?(?:km?|mi|miles?|m|mins?|') ?(?:cd|c\/d|cool(?:[- ]?down)?|easy))$/i,
    '$1, $2',
  ],
  // 3 x 3 km @ MP w 1k float
  [/^(.*\S) w (\d.*)$/i, '$1, $2'],
  // 2 km wu, 3 x 2 km @ HM w 3' jog, 2 km cd
  [/^(.*\S) w$/i, '$1,'],
  // 6 km @ MP-10
  [/^([a-z][a-z ]*?) ?- ?(\d{1,3})$/i, '$1 - $2 s'],
  // 6 km easy or rest
  [/^(.*\S) or (rest|off)$/i, '$1 [or $2]'],
  // 4 miles or XT
  [/^or (rest|off|xt|x-?train(?:ing)?|cross[- ]?train(?:ing)?|bike|swim|pool)$/i, '[or $1]'],
  // 25 min continuous tempo
  [/^continuous (.+)$/i, '$1 [continuous]'],
  // 6 x 400 m fast, 200 m jog recoveries
  [/^(jog|walk) (?:recovery|recoveries|rec|recs)$/i, '$1'],
  // 60 min easy bike
  [/^(.*\S) (bike|cycling|swim|pool run|elliptical|rowing|walk)$/i, '$2 $1'],
  [/^(spin|spinning|spin bike|cycle)$/i, 'bike'],
  [/^(aqua jog|aqua jogging|deep water running)$/i, 'pool run'],
  [/^(hike|hiking)$/i, 'walk'],
];

/** A name of a pace that is none, and the text as it may have been meant. */
function slipOfName(text: string, parts: Part[]): [name: string, meant: string] | undefined {
  for (const name of mentionsIn({ parts })) {
    const found = SLIPS.find(([slip]) => slip.test(name));
    if (found)
      return [name, text.replace(name, name.replace(...found)).replace(/@ ?(?=[a-z])/, '')];
  }
  return undefined;
}

function asked(what: string, suggestion: string): ReadSession {
  const message = `${what}. Did you mean “${suggestion}”?`;
  return { ok: false, problem: { column: 1, message, suggestion } };
}

/** An amount in metres that is none; in a set there may be any. */
function slipIn(part: Part): string | undefined {
  if (part.kind === 'run' || part.kind === 'including') {
    return tooFew(part.piece.amount, FEWEST_METRES);
  }
  return part.kind === 'repeat' ? tooFew(part.piece.amount, FEWEST_REPEATED) : undefined;
}

function tooFew(amount: SessionAmount, least: number): string | undefined {
  const isSo = 'unit' in amount && amount.unit === 'm' && amount.number < least;
  return isSo ? `${amount.number} m` : undefined;
}
