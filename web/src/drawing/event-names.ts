/** The mark of an event, in pixels, and the name it wants beside it. */
export interface EventMark {
  x: number;
  /** Where the mark itself ends. */
  right: number;
  /** Where a name beside the mark begins. */
  nameX: number;
  name: string;
}

/** The lane in which an event stands, and its name in it; empty where there is room for none. */
export interface PlacedEvent {
  /** 0 is the upper one; one below them all for a mark that stands beside the race’s own words. */
  lane: number;
  text: string;
}

/** About this many pixels a letter of a name in plain type, and between a name and the next mark. */
export const LETTER = 6.2;
const GAP = 8;
/** A name cut shorter than this says nothing. */
const LEAST_LETTERS = 3;

/**
 * Puts each event into the first lane that has room for its name; where none
 * has, the name is cut short in the lane with the most. A name ends before the
 * mark as many events on as that one has lanes to stand in: so there is always
 * a free one, and nothing overlaps.
 *
 * @param marks from left to right
 * @param ends pixel at which each lane ends, the upper one first
 */
export function placeEvents(marks: readonly EventMark[], ends: readonly number[]): PlacedEvent[] {
  const taken = ends.map(() => -Infinity);
  return marks.map(({ x, right, nameX, name }, index) => {
    if (ends.every((end) => right > end)) return { lane: ends.length, text: '' };
    const roomIn = (end: number) => Math.min(end, nextIn(marks, index, { end, ends })) - nameX;
    const open = ends
      .map((end, lane) => ({ lane, end, room: roomIn(end) }))
      .filter(({ lane, end }) => right <= end && x >= (taken[lane] ?? 0));
    const width = name.length * LETTER;
    const most = Math.max(...open.map(({ room }) => room));
    const { lane, room } = open.find((each) => each.room >= width) ??
      open.find((each) => each.room === most) ?? { lane: 0, room: 0 };
    const text = cutTo(name, room);
    taken[lane] = nameX + text.length * LETTER + GAP;
    return { lane, text };
  });
}

/** Where a name has to end for a mark to come that finds all its other lanes taken. */
function nextIn(
  marks: readonly EventMark[],
  index: number,
  { end, ends }: { end: number; ends: readonly number[] },
): number {
  const next = marks.find(({ right }, at) => {
    const lanes = ends.filter((each) => right <= each).length;
    return right <= end && at - index >= lanes && at > index;
  });
  return (next?.x ?? Infinity) - GAP;
}

/**
 * A name as far as there is room for it; empty where only dots would be left.
 *
 * @param room pixels
 * @param letter pixels of a letter
 */
export function cutTo(name: string, room: number, letter = LETTER): string {
  const letters = Math.floor(room / letter);
  if (name.length <= letters) return name;
  return letters - 1 < LEAST_LETTERS ? '' : `${name.slice(0, letters - 1).trimEnd()}…`;
}
