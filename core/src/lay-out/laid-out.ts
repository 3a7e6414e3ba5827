import type { Finding } from '../checks/common/check.js';
import type { LaidBlock } from '../layout/block/block.js';
import type { Block } from './block.js';

/**
 * A block whose checks are run when its findings are asked for: previews and
 * comparisons look at none.
 *
 * A class, not a literal with a getter: V8 makes a shape of its own for each of
 * those and keeps it, and with it the block, until a full collection.
 */
export class LaidOut implements Block {
  readonly wishes: LaidBlock['wishes'];
  readonly easyPace: LaidBlock['easyPace'];
  readonly phases: LaidBlock['phases'];
  readonly weeks: LaidBlock['weeks'];
  readonly feasible: LaidBlock['feasible'];
  readonly legs: LaidBlock['legs'];
  readonly #check: () => Finding[];
  #findings: Finding[] | undefined;

  constructor(
    { wishes, easyPace, phases, weeks, feasible, legs }: LaidBlock,
    check: () => Finding[],
  ) {
    this.wishes = wishes;
    this.easyPace = easyPace;
    this.phases = phases;
    this.weeks = weeks;
    this.feasible = feasible;
    this.legs = legs;
    this.#check = check;
  }

  get findings(): Finding[] {
    return (this.#findings ??= this.#check());
  }

  /** Written out with its findings, as a file or another program has it. */
  toJSON(): Block {
    const { wishes, easyPace, phases, weeks, feasible, legs, findings } = this;
    return { wishes, easyPace, phases, weeks, feasible, legs, findings };
  }
}
