import { useEffect, useRef } from 'react';
import type { Command } from '@nadir/core/edit';
import type { Commands } from './useCommands.js';

/**
 * Draws a change for as long as its button is pointed at or in focus: also when the
 * button goes away under the hand, of which no browser tells.
 */
export function useShownWhilePointedAt(commands: Commands, command: () => Command) {
  const isShown = useRef(false);
  const show = () => {
    isShown.current = true;
    commands.show(command());
  };
  const cancel = () => {
    if (!isShown.current) return;
    isShown.current = false;
    commands.cancel();
  };
  useEffect(
    () => () => {
      if (isShown.current) commands.cancel();
    },
    [commands],
  );
  return { onFocus: show, onMouseEnter: show, onBlur: cancel, onMouseLeave: cancel };
}
