import type { PhaseKind } from '@nadir/core/spec/choices';

/** A rectangle of paper, points. */
export interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

const GAP = 5;

/** Each kind of phase has a hatch of its own on paper too: the path of its lines, cut at the edges. */
const HATCHES: Readonly<Record<PhaseKind, (box: Box) => string>> = {
  foundation: () => '',
  'hills-and-strength': rising,
  threshold: (box) => across(box),
  speed: upright,
  specific: falling,
  sharpening: (box) => across(box) + upright(box),
  taper: (box) => dots(box),
  'race-week': (box) => across(box),
  recovery: (box) => dots(box),
};

export function hatchOf(kind: PhaseKind, box: Box): string {
  return HATCHES[kind](box);
}

/** Lines from the lower left to the upper right: of what is filled without a colour. */
export function rising({ x, y, width, height }: Box): string {
  return slanted({ width, height }, (along, up) => [x + along, y + height - up]);
}

function falling({ x, y, width, height }: Box): string {
  return slanted({ width, height }, (along, down) => [x + along, y + down]);
}

/** Every line begins on the left or the foot of the box, and ends where it leaves it. */
function slanted(
  { width, height }: Pick<Box, 'width' | 'height'>,
  at: (along: number, across: number) => [number, number],
): string {
  let path = '';
  for (let start = GAP - height; start < width; start += GAP) {
    const [from, to] = [Math.max(0, start), Math.min(width, start + height)];
    if (to - from < 0.5) continue;
    path += segment(at(from, from - start), at(to, to - start));
  }
  return path;
}

function across({ x, y, width, height }: Box): string {
  let path = '';
  for (let down = GAP; down < height; down += GAP) {
    path += segment([x, y + down], [x + width, y + down]);
  }
  return path;
}

function upright({ x, y, width, height }: Box): string {
  let path = '';
  for (let along = GAP; along < width; along += GAP) {
    path += segment([x + along, y], [x + along, y + height]);
  }
  return path;
}

function dots({ x, y, width, height }: Box): string {
  let path = '';
  for (let down = GAP / 2; down < height; down += GAP) {
    for (let along = GAP / 2; along < width; along += GAP) {
      path += segment([x + along, y + down], [x + along + 0.8, y + down]);
    }
  }
  return path;
}

function segment([x1, y1]: [number, number], [x2, y2]: [number, number]): string {
  return `M${figure(x1)} ${figure(y1)}L${figure(x2)} ${figure(y2)}`;
}

/** Hundredths of a point are finer than any printer. */
export function figure(value: number): string {
  return String(Math.round(100 * value) / 100);
}
