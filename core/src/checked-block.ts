import type { Block } from './layout/block/index.js';
import type { ToldFinding } from './present/index.js';

/** A block, and what its checks say of it. */
export interface CheckedBlock extends Block {
  /** Worst first. */
  readonly findings: ToldFinding[];
}

/**
 * A block whose checks are run when its findings are asked for: previews and
 * comparisons look at none.
 *
 * A class, not a literal with a getter: V8 makes a shape of its own for each of
 * those and keeps it, and with it the block, until a full collection.
 */
export class LazilyChecked implements CheckedBlock {
  readonly spec: Block['spec'];
  readonly easyPace: Block['easyPace'];
  readonly phases: Block['phases'];
  readonly weeks: Block['weeks'];
  readonly feasible: Block['feasible'];
  readonly legs: Block['legs'];
  readonly #check: () => ToldFinding[];
  #findings: ToldFinding[] | undefined;

  constructor(
    { spec, easyPace, phases, weeks, feasible, legs }: Block,
    check: () => ToldFinding[],
  ) {
    this.spec = spec;
    this.easyPace = easyPace;
    this.phases = phases;
    this.weeks = weeks;
    this.feasible = feasible;
    this.legs = legs;
    this.#check = check;
  }

  get findings(): ToldFinding[] {
    return (this.#findings ??= this.#check());
  }

  /** Written out with its findings, as a file or another program has it. */
  toJSON(): CheckedBlock {
    const { spec, easyPace, phases, weeks, feasible, legs, findings } = this;
    return { spec, easyPace, phases, weeks, feasible, legs, findings };
  }
}
