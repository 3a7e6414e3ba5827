import { type Weekday } from '@nadir/core';
/** Any number of weekdays, each a box to tick. */
export declare function WeekdaysAnswer({
  label,
  value,
  onAnswer,
}: {
  label: string;
  value: readonly Weekday[];
  onAnswer: (value: Weekday[]) => void;
}): import('react').JSX.Element;
