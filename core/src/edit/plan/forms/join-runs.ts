import { FIGURE } from './form.js';

const REST = /^(?:rest|rest day|off|day off|x|-|–|—|0)?$/i;
const PLAIN = /^\d+(?:[.,]\d+)?$/;

/** Two runs of a day in one cell: `5+8`, `am 5 easy; pm 6 x 800 m`; a rest beside a run is none. */
export function joinRuns(first: string, second: string): string {
  if (REST.test(second)) return first || second;
  if (REST.test(first)) return second;
  if (/^[+&]/.test(second)) return `${first} ${second}`;
  return PLAIN.test(first) && PLAIN.test(second)
    ? `${first}+${second}`
    : `am ${first}; pm ${second}`;
}

/**
 * What is run on a day and how much it comes to, in one cell: `easy` and `8` are `8 easy`,
 * a session is run within its kilometres. What says the same figure itself stays as it is.
 */
export function withFigure(text: string, figure: string): string {
  if (figure === '' || !FIGURE.test(figure) || /^0\b/.test(figure)) return text || figure;
  if (text === '') return figure;
  if (REST.test(text)) return text;
  const own = OWN_FIGURE.exec(text)?.[1];
  const within = WITHIN_FIGURE.exec(text)?.[1];
  const isSaid = [own, within].some(
    (said) => Number.parseFloat(said ?? '') === Number.parseFloat(figure),
  );
  if (isSaid || OTHER_SPORT.test(text)) return text;
  // 11 and `2k wu, 5 x 1k, 2k cd`: all of it is within the eleven.
  if (own !== undefined && !REPETITIONS.test(text)) return `${figure} with ${text}`;
  return `${figure} ${text.replace(/^\+\s*/, 'easy + ')}`;
}

/** `12 km with 6 strides`, `4 x 400 m in 6 km`: what a session says it comes to. */
const OWN_FIGURE = /^(\d+(?:[.,]\d+)?)(?=\s*(?:km|kms|k|mi|miles?|min|mins|h)?\b)/i;
const WITHIN_FIGURE = /\bin (\d+(?:[.,]\d+)?) ?(?:km|kms|k|mi|miles?)$/i;
const REPETITIONS = /^\d+ ?[x×*]/i;

/** A figure beside it may be minutes as well as kilometres ridden: the coach says which. */
const OTHER_SPORT = /\b(?:race|bike|cycl\w+|swim\w*|pool|elliptical|row\w*|gym|strength|yoga)\b/i;
