import type { AthleteAnswer, BlockFile } from '@nadir/contract';
import type { CivilDate } from '@nadir/core/base';
import type { Template } from '@nadir/core/edit';
import { useEffect, useState } from 'react';
import { type LaidForOne, layForOne } from './group-blocks.js';

/** A plan for a group, and the day it is laid out on. */
export interface GroupPlan {
  template: Template;
  /** The race and the coach’s tables, without an athlete. */
  asked: BlockFile;
  athletes: readonly AthleteAnswer[];
  today: CivilDate;
}

/** An athlete with the plan as it is for them. */
export interface LaidRow {
  athlete: AthleteAnswer;
  laid: LaidForOne;
}

/** The blocks of a group as far as they are laid out. */
export interface GroupBlocks {
  rows: readonly LaidRow[];
  /** True where every row is of the plan that is asked for. */
  isWhole: boolean;
}

/** Milliseconds of laying out in a row: a hand that types is answered between two of these. */
const SLICE = 8;

/**
 * Lays a plan out for a group, some athletes at a time, so that sixty of them never
 * hold up the hand that types the race. Until their turn comes rows stay as they were.
 *
 * @param plan kept by the caller while nothing of it changes
 */
export function useGroupBlocks(plan: GroupPlan): GroupBlocks {
  const [state, setState] = useState<{ of: GroupPlan; fresh: number; rows: LaidRow[] }>();
  useEffect(() => {
    const { template, asked, athletes, today } = plan;
    const fresh: LaidRow[] = [];
    const go = () => {
      const until = performance.now() + SLICE;
      do {
        const athlete = athletes[fresh.length];
        if (!athlete) break;
        fresh.push({ athlete, laid: layForOne(template, asked, athlete, today) });
      } while (performance.now() < until);
      const rows = [...fresh];
      setState((old) => ({
        of: plan,
        fresh: rows.length,
        rows: inOrder(athletes, [...(old?.rows ?? []), ...rows]),
      }));
      if (fresh.length < athletes.length) timer = setTimeout(go);
    };
    let timer = setTimeout(go);
    return () => clearTimeout(timer);
  }, [plan]);
  return {
    rows: state?.rows ?? [],
    isWhole: state?.of === plan && state.fresh === plan.athletes.length,
  };
}

/** The last row of each athlete. */
function inOrder(athletes: readonly AthleteAnswer[], rows: readonly LaidRow[]): LaidRow[] {
  const last = new Map(rows.map((row) => [row.athlete.id, row]));
  return athletes.flatMap(({ id }) => last.get(id) ?? []);
}
