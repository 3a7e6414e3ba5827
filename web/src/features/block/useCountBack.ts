import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useLocation } from 'react-router';
import { isNewBlock } from '../../components/new-block-state.js';

/** Draws the block from race day backward when it has just been kept, and on P within the drawing. */
export function useCountBack(): { countBack: number | undefined; isNew: boolean } {
  const location = useLocation();
  const state: unknown = location.state;
  const [isNew] = useState(() => isNewBlock(state));
  const [times, setTimes] = useState(isNew ? 1 : 0);
  useHotkeys('p', (event) => {
    const { target } = event;
    if (target instanceof SVGElement) setTimes((count) => count + 1);
  });
  return { countBack: times === 0 ? undefined : times, isNew };
}
