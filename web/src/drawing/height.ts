const LEAST = 320;
const LEAST_STACKED = 360;
const MOST = 820;
/** On a page this narrow views stand one under the other and take the height they need. */
const STACKED = 600;

/** Height of the drawing in what a view has, less what stands below it. All pixels. */
export function drawingHeight(
  { width, height }: { width: number; height: number },
  below: number,
): number {
  if (width < STACKED) return LEAST_STACKED;
  return Math.min(MOST, Math.max(LEAST, height - below));
}
