/** What of a drawing can be taken by hand. */
export type Handle =
  | { kind: 'volume' | 'longRun'; week: number }
  | { kind: 'phase'; index: number }
  | { kind: 'taper' }
  | { kind: 'peak' };

/** What happens to a handle. The same object for as long as the drawing lives. */
export interface DragHandlers {
  /** The pointer takes it; shown steps and weeks a pixel stands for on this drawing. */
  grab: (
    handle: Handle,
    at: { x: number; y: number },
    perPixel: { steps: number; weeks: number },
  ) => void;
  /** The keyboard moves it by so many steps; up and right are more and later. */
  nudge: (handle: Handle, by: number, at: { x: number; y: number }) => void;
  /** What was moved by keyboard is kept, or dropped. */
  settle: (keep: boolean) => void;
}

/** One name for each handle, as a key. */
export function handleKey(handle: Handle): string {
  if ('week' in handle) return `${handle.kind} ${handle.week}`;
  return 'index' in handle ? `${handle.kind} ${handle.index}` : handle.kind;
}
