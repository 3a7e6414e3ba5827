import * as wording from './wording.js';

/** `85`, `−5`, `62.5`, with what is counted behind it or not. */
const FIGURE = /^([+−–-]?)(\d{1,4}(?:[.,]\d{1,3})?) ?(?:s|%|bpm)?$/i;
/** `1:25`. */
const CLOCK = /^([+−–-]?)(\d):([0-5]\d)$/;

/**
 * Reads seconds against a race pace, a share in per cent or beats.
 *
 * @returns the figure, or what is wrong with what was typed
 */
export function readPaceFigure(
  text: string,
  { least, most }: { least: number; most: number },
): number | string {
  const typed = text.trim();
  const [, ahead = '', figure] = FIGURE.exec(typed) ?? [];
  const [, before = '', minutes, seconds] = CLOCK.exec(typed) ?? [];
  const size =
    figure === undefined
      ? 60 * Number(minutes) + Number(seconds)
      : Number(figure.replace(',', '.'));
  const value = /[−–-]/.test(ahead + before) ? -size : size;
  return value >= least && value <= most ? value : wording.aFigureIsNeeded(text, least, most);
}
