/** The mark of an event in its lane, in pixels, and the name it wants beside it. */
export interface EventMark {
  x: number;
  /** Where a name beside the mark begins. */
  nameX: number;
  name: string;
}

/** A name as it stands: beside its mark, or over it. */
export interface PlacedName {
  text: string;
  x: number;
  over: boolean;
}

/** About this many pixels a letter of an event's name, and between two names. */
const LETTER = 5.8;
const GAP = 6;
/** A name cut shorter than this says nothing. */
const LEAST_LETTERS = 3;

/**
 * Names that do not run into each other: beside the mark where there is room
 * before the next one, else over it, else cut short.
 *
 * @param marks from left to right
 * @param right pixel at which the drawing ends
 * @returns one a mark; undefined where there is room for none
 */
export function placeNames(marks: readonly EventMark[], right: number): (PlacedName | undefined)[] {
  let takenOver = -Infinity;
  return marks.map(({ x, nameX, name }, index) => {
    const width = name.length * LETTER;
    const room = (marks[index + 1]?.x ?? right + GAP) - GAP - nameX;
    if (width <= room) return { text: name, x: nameX, over: false };
    if (x >= takenOver && x + width <= right) {
      takenOver = x + width + GAP;
      return { text: name, x, over: true };
    }
    const letters = Math.floor(room / LETTER) - 1;
    if (letters < LEAST_LETTERS) return undefined;
    return { text: `${name.slice(0, letters).trimEnd()}…`, x: nameX, over: false };
  });
}
