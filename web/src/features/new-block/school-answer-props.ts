import type { BlockFile } from '@nadir/contract';

/** A choice among schools, each to be tried on the block that is asked for. */
export interface SchoolAnswerProps<T extends string> {
  label: string;
  schools: Readonly<Record<T, { title: string; why: string }>>;
  value: T;
  offered: readonly T[];
  /** The block as it is asked for, and what each school would change of it. */
  asked: BlockFile;
  part: (school: T) => Partial<BlockFile>;
  onAnswer: (value: T) => void;
}
