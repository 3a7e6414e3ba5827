import { type BlockFile, givenOf } from '@nadir/contract';
import { type Block, type Measure, type ShownBlock, layOut, showBlock } from '@nadir/core';
import { useMemo } from 'react';
import { useSignedIn } from '../api/session.js';

export interface LaidAndShown {
  block: Block;
  shown: ShownBlock;
}

/** Lays out wishes afresh whenever they change, in the coach's measure. */
export function useLaidBlock(wishes: BlockFile): LaidAndShown {
  const measure = useMeasure(wishes);
  const { today } = useSignedIn();
  return useMemo(() => {
    const block = layOut(givenOf(wishes), { today, shown: measure });
    return { block, shown: showBlock(block, measure) };
  }, [wishes, today, measure]);
}

/** The coach's display choice, else the athlete's own unit. */
function useMeasure({ athlete }: BlockFile): Measure {
  const { unit, step } = useSignedIn().coach.settings;
  const basis = athlete?.basis ?? 'distance';
  const own = athlete?.unit ?? 'km';
  return useMemo(
    () => ({ basis, unit: unit === 'athlete' ? own : unit, step }),
    [basis, unit, own, step],
  );
}
