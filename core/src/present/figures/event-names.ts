/** The mark of an event on a drawing and the name it wants beside it; lengths in the drawing's own unit. */
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

/** About the width of a letter, and what stays free between a name and the next mark. */
export interface Lettering {
  letter: number;
  gap: number;
}

/** A name cut shorter than this says nothing. */
const LEAST_LETTERS = 3;

/**
 * Puts each event into the first lane that has room for its name; where none
 * has, the name is cut short in the lane with the most. A name ends before the
 * mark as many events on as that one has lanes to stand in: so there is always
 * a free one, and nothing overlaps.
 *
 * @param marks from left to right
 * @param ends where each lane ends, the upper one first
 */
export function placeEvents(
  marks: readonly EventMark[],
  ends: readonly number[],
  { letter, gap }: Lettering,
): PlacedEvent[] {
  const taken = ends.map(() => -Infinity);
  return marks.map(({ x, right, nameX, name }, index) => {
    if (ends.every((end) => right > end)) return { lane: ends.length, text: '' };
    const open = ends
      .map((end, lane) => {
        const next = nextIn(marks, index, { end, ends })?.x ?? Infinity;
        return { lane, end, room: Math.min(end, next - gap) - nameX };
      })
      .filter(({ lane, end }) => right <= end && x >= (taken[lane] ?? 0));
    const most = Math.max(...open.map(({ room }) => room));
    const { lane, room } = open.find((each) => each.room >= name.length * letter) ??
      open.find((each) => each.room === most) ?? { lane: 0, room: 0 };
    const text = cutTo(name, room, letter);
    taken[lane] = nameX + text.length * letter + gap;
    return { lane, text };
  });
}

/** The mark to come that finds all other lanes taken, and needs the one that ends there. */
function nextIn(
  marks: readonly EventMark[],
  index: number,
  { end, ends }: { end: number; ends: readonly number[] },
): EventMark | undefined {
  return marks.find(({ right }, at) => {
    const lanes = ends.filter((each) => right <= each).length;
    return at > index && at - index >= lanes && right <= end;
  });
}

/**
 * A name as far as there is room for it; empty where only dots would be left.
 *
 * @param letter about the width of one
 */
export function cutTo(name: string, room: number, letter: number): string {
  const letters = Math.floor(room / letter);
  if (name.length <= letters) return name;
  return letters - 1 < LEAST_LETTERS ? '' : `${name.slice(0, letters - 1).trimEnd()}…`;
}
