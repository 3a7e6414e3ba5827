import type { BlockFile } from '@nadir/contract';
import type { CivilDate, Measure } from '@nadir/core/base';
import type { Reasons } from '@nadir/core/present';
import type { ResolvedSpec } from '@nadir/core/spec';

/** What every group of questions works on. */
export interface QuestionProps {
  /** What the coach has given. */
  asked: BlockFile;
  /** The same as it is drawn: what a school is tried on. */
  file: BlockFile;
  /** The same with everything worked out. */
  wishes: ResolvedSpec;
  reasons: Reasons;
  /** How amounts are typed and shown. */
  measure: Measure;
  today: CivilDate;
  change: (part: Partial<BlockFile>) => void;
  /** What stands in the way at a place of the wishes. */
  problemAt: (...path: string[]) => string | undefined;
}
