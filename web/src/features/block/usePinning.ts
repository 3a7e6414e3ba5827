import { type BlockFile, givenOf, problemsOfWishes } from '@nadir/contract';
import { type Measure, type Problem, formatPlain, withPin } from '@nadir/core';
import { useMemo } from 'react';
import { useDispatch } from 'react-redux';
import { changed, previewed } from './desk.js';
import type { Pinning } from './Ledger.js';
import type { PinField } from './ledger-rows.js';

const FIELD_WORDS: Readonly<Record<PinField, string>> = { volume: '', longRun: '’s long run' };

/** Pinning on the wishes at hand: previews are drawn, kept pins become one undoable change. */
export function usePinning(wishes: BlockFile, measure: Measure): Pinning {
  const dispatch = useDispatch();
  return useMemo(() => {
    const pinned = (week: number, field: PinField, amount: number | undefined): BlockFile => ({
      ...wishes,
      pins: withPin(wishes.pins ?? [], week, field, amount),
    });
    const problemsOf = (changedWishes: BlockFile): Problem[] =>
      problemsOfWishes(givenOf(changedWishes));
    return {
      preview(week, field, amount) {
        const next = pinned(week, field, amount);
        const problems = problemsOf(next);
        dispatch(previewed(problems.length > 0 ? null : next));
        return problems;
      },
      keep(week, field, amount) {
        const next = pinned(week, field, amount);
        const problems = problemsOf(next);
        const before = wishes.pins?.find((pin) => pin.week === week)?.[field];
        if (problems.length > 0) return problems;
        if (before === amount) dispatch(previewed(null));
        else {
          const words = `Pinned week ${week}${FIELD_WORDS[field]} at ${formatPlain(amount, measure)}.`;
          dispatch(changed({ wishes: next, words }));
        }
        return [];
      },
      unpin(week, field) {
        if (wishes.pins?.find((pin) => pin.week === week)?.[field] === undefined) return;
        const words = `Unpinned week ${week}${FIELD_WORDS[field]}.`;
        dispatch(changed({ wishes: pinned(week, field, undefined), words }));
      },
      cancel() {
        dispatch(previewed(null));
      },
    };
  }, [dispatch, wishes, measure]);
}
