import { type Measure } from '@nadir/core';
/** A volume or long run, typed in the shown unit; emptied, it is worked out again. */
export declare function AmountAnswer({
  label,
  because,
  problem,
  measure,
  value,
  given,
  onAnswer,
}: {
  label: string;
  because: string;
  problem?: string | undefined;
  measure: Measure;
  /** Canonical metres or seconds. */
  value: number;
  given: boolean;
  onAnswer: (amount: number | undefined) => void;
}): import('react').JSX.Element;
