import { type BlockFile, givenOf, measureFor } from '@nadir/contract';
import { type CheckedBlock, layOut } from '@nadir/core';
import type { Measure } from '@nadir/core/base';
import type { HandedOut } from '@nadir/core/layout';
import type { RunEntry } from '@nadir/core/record';
import { showBlock, type ShownBlock } from '@nadir/core/present/figures';
import { useMemo } from 'react';
import { useSignedIn } from '../api/session.js';
import { useHistory } from './history.js';
import { useRecord } from './record.js';

export interface LaidAndShown {
  block: CheckedBlock;
  shown: ShownBlock;
}

/** Lays out wishes afresh whenever they change, in the coach's measure. */
export function useLaidBlock(wishes: BlockFile): LaidAndShown {
  const measure = useMeasure(wishes);
  const past = usePast();
  return useMemo(() => laidOf(wishes, past, measure), [wishes, past, measure]);
}

/**
 * A change that is only shown, laid out; `base` itself where none is. Not kept
 * among the versions that stand: a hand on the drawing shows sixty a second.
 */
export function useShownChange(preview: BlockFile | null, base: LaidAndShown): LaidAndShown {
  const { measure } = base.shown;
  const past = usePast();
  return useMemo(
    () => (preview ? layAndShow(preview, past, measure) : base),
    [preview, base, past, measure],
  );
}

/** Today, and the plan before it as it was handed out. */
export interface PastOfBlock {
  asOf: string;
  history: readonly HandedOut[];
  /** What was run: the legs stand on it. */
  record: readonly RunEntry[];
}

/** The past of the block that is open; today alone where none is. */
export function usePast(): PastOfBlock {
  const { today } = useSignedIn();
  const history = useHistory();
  const { entries: record } = useRecord();
  return useMemo(() => ({ asOf: today, history, record }), [today, history, record]);
}

/** What was laid out of each version last: views that draw the same one share it. */
const laid = new WeakMap<BlockFile, PastOfBlock & { measure: Measure; laid: LaidAndShown }>();

/** Lays out a version in a measure; the same object for the same version, past and measure. */
export function laidOf(wishes: BlockFile, past: PastOfBlock, measure: Measure): LaidAndShown {
  const known = laid.get(wishes);
  const isKnown =
    known?.asOf === past.asOf &&
    known.history === past.history &&
    known.record === past.record &&
    known.measure === measure;
  if (isKnown) return known.laid;
  const fresh = layAndShow(wishes, past, measure);
  laid.set(wishes, { ...past, measure, laid: fresh });
  return fresh;
}

function layAndShow(wishes: BlockFile, past: PastOfBlock, measure: Measure): LaidAndShown {
  const block = layOut(givenOf(wishes), { ...past, shown: measure });
  return { block, shown: showBlock(block, measure) };
}

/** The coach's display choice, else the athlete's own unit. */
export function useMeasure({ athlete }: BlockFile): Measure {
  return sameMeasure(measureFor(useSignedIn().coach.settings, athlete));
}

const measures = new Map<string, Measure>();

/** One object for each measure there is, so that it can be compared by identity. */
function sameMeasure(measure: Measure): Measure {
  const key = Object.values(measure).join(' ');
  const known = measures.get(key) ?? measure;
  measures.set(key, known);
  return known;
}
