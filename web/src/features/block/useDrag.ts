import type { CheckedBlock } from '@nadir/core';
import type { Command } from '@nadir/core/edit';
import type { ShownBlock } from '@nadir/core/present/figures';
import { useEffect, useMemo, useRef, useState } from 'react';
import { type Handle, type DragHandlers, handleKey } from '../../drawing/drag.js';
import { type Moved, dragCommand } from './drag-command.js';
import type { Commands } from '../../editor/useCommands.js';

/** Something of the drawing that is in the hand. */
interface Held {
  handle: Handle;
  moved: Moved;
  /** The block as it was taken: every move is measured from there. */
  block: CheckedBlock;
  shown: ShownBlock;
  command: Command | undefined;
}

/** What the page shows while something is held. */
export interface Dragged {
  handle: Handle;
  /** Shown steps the scale reached when it was taken: it stays while it is held. */
  reach: number;
  /** What stands in the way of it, where something does. */
  problem: string | undefined;
  /** Where the hand is, in pixels of the window. */
  at: { x: number; y: number };
}

/**
 * Taking hold of the drawing: each move is laid out and drawn once a frame at
 * most, letting go keeps it, Escape puts it back. The keyboard does the same
 * with arrows and Enter.
 */
export function useDrag(
  { block, shown }: { block: CheckedBlock; shown: ShownBlock },
  commands: Commands,
  onSelect: (week: number, extend: boolean) => void,
): { drag: DragHandlers; dragged: Dragged | undefined } {
  const [dragged, setInHand] = useState<Dragged>();
  const standing = useRef({ block, shown, onSelect });
  const held = useRef<Held>(undefined);
  const release = useRef<() => void>(undefined);
  useEffect(() => {
    standing.current = { block, shown, onSelect };
  }, [block, shown, onSelect]);
  useEffect(() => () => release.current?.(), []);

  const drag = useMemo((): DragHandlers => {
    function start(handle: Handle): Held {
      const { block: base, shown: figures } = standing.current;
      const started: Held = {
        handle,
        moved: { steps: 0, weeks: 0 },
        block: base,
        shown: figures,
        command: undefined,
      };
      held.current = started;
      return started;
    }

    function move(by: Moved, at: Dragged['at']): void {
      const now = held.current;
      if (!now || (by.steps === now.moved.steps && by.weeks === now.moved.weeks)) return;
      now.moved = by;
      now.command = dragCommand(now.handle, by, now.block, now.shown);
      const [problem] = now.command ? commands.show(now.command) : [];
      if (!now.command) commands.cancel();
      setInHand({
        reach: Math.max(...now.shown.weeks.map(({ volume }) => volume)),
        handle: now.handle,
        problem: problem?.message,
        at,
      });
    }

    function end(keep: boolean): void {
      const now = held.current;
      held.current = undefined;
      release.current?.();
      setInHand(undefined);
      if (!now) return;
      if (keep && now.command && commands.run(now.command).length === 0) return;
      commands.cancel();
    }

    return {
      grab(handle, from, perPixel) {
        start(handle);
        let frame = 0;
        let hasMoved = false;
        const follow = (x: number, y: number) =>
          move(
            {
              steps: Math.round((from.y - y) * perPixel.steps),
              weeks: Math.round((x - from.x) * perPixel.weeks),
            },
            { x, y },
          );
        const onMove = ({ clientX, clientY }: PointerEvent) => {
          hasMoved ||= Math.abs(clientX - from.x) + Math.abs(clientY - from.y) > 2;
          cancelAnimationFrame(frame);
          frame = requestAnimationFrame(() => follow(clientX, clientY));
        };
        const onUp = ({ clientX, clientY, shiftKey }: PointerEvent) => {
          cancelAnimationFrame(frame);
          if (hasMoved) {
            follow(clientX, clientY);
          } else if ('week' in handle) standing.current.onSelect(handle.week, shiftKey);
          end(true);
        };
        const onKey = (event: KeyboardEvent) => {
          if (event.key !== 'Escape') return;
          event.preventDefault();
          cancelAnimationFrame(frame);
          end(false);
        };
        const onCancel = () => end(false);
        window.addEventListener('pointermove', onMove);
        window.addEventListener('pointerup', onUp);
        window.addEventListener('pointercancel', onCancel);
        window.addEventListener('keydown', onKey, true);
        release.current = () => {
          cancelAnimationFrame(frame);
          window.removeEventListener('pointermove', onMove);
          window.removeEventListener('pointerup', onUp);
          window.removeEventListener('pointercancel', onCancel);
          window.removeEventListener('keydown', onKey, true);
          release.current = undefined;
        };
      },
      nudge(handle, by, at) {
        const same = held.current && handleKey(held.current.handle) === handleKey(handle);
        const now = same && held.current ? held.current : start(handle);
        move({ steps: now.moved.steps + by, weeks: now.moved.weeks + by }, at);
      },
      settle(keep) {
        // A pointer that holds something lets go by itself.
        if (release.current === undefined && held.current) end(keep);
      },
    };
  }, [commands]);
  return { drag, dragged };
}
