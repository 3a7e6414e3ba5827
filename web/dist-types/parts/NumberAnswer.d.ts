/** A plain number with its range; emptied, it is worked out again. */
export declare function NumberAnswer({
  label,
  because,
  problem,
  value,
  given,
  least,
  most,
  after,
  onAnswer,
}: {
  label: string;
  because: string;
  problem?: string | undefined;
  value: number;
  given: boolean;
  least: number;
  most: number;
  /** What is counted, after the field. */
  after?: string;
  onAnswer: (value: number | undefined) => void;
}): import('react').JSX.Element;
