/** Most slips mended in one line. */
const MOST_MENDS = 6;

/**
 * A line as it may have been meant: a unit where a number has none, metres for
 * strides, a pace where a clock stands alone. Offered, never taken unasked.
 *
 * @param failsAt where a text stops reading, counted from 0; undefined where it reads
 * @returns a text that reads, or undefined
 */
export function suggestText(
  text: string,
  failsAt: (text: string) => number | undefined,
): string | undefined {
  let tried = text;
  for (let turn = 0; turn < MOST_MENDS; turn++) {
    const at = failsAt(tried);
    if (at === undefined) return tried;
    const best = mends(tried, at)
      .map((mended) => ({ mended, at: failsAt(mended) }))
      .filter((each) => each.at === undefined || each.at > at + 1)
      .sort((a, b) => (b.at ?? Infinity) - (a.at ?? Infinity))[0];
    if (!best) return undefined;
    tried = best.mended;
  }
  return undefined;
}

/** What may be missing at a place. */
function mends(text: string, at: number): string[] {
  const strides = text.replace(/\b(\d+)\s*x?\s*(?=strides?\b)/i, '$1 x 100 m ');
  const pace = text.replace(/(@\s*\d+:\d\d(?:\s*-\s*\d+:\d\d)?)(?!\s*[-\d/:])/, '$1 /km');
  return [
    ...(strides === text ? [] : [strides]),
    ...withUnits(text, at),
    ...(pace === text ? [] : [pace]),
  ];
}

/** The number at a place, or just before it, with a unit. */
function withUnits(text: string, at: number): string[] {
  const before = /\d+(?:[.,]\d+)?\s*$/.exec(text.slice(0, at));
  const here = /^\d+(?:[.,]\d+)?/.exec(text.slice(at));
  const found = here
    ? { digits: here[0], end: at + here[0].length }
    : before && afterNumber(before);
  if (!found) return [];
  const number = Number(found.digits.replace(',', '.'));
  const units = number >= 100 ? ['m', 's'] : number <= 42.2 ? ['km', 'min'] : ['min', 'm'];
  return units.map((unit) => `${text.slice(0, found.end)} ${unit}${text.slice(found.end)}`);
}

function afterNumber({ 0: matched, index }: RegExpExecArray): { digits: string; end: number } {
  const digits = matched.trimEnd();
  return { digits, end: index + digits.length };
}
