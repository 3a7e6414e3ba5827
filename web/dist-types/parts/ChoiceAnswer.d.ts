/** A choice among few, as the browser's own list: one key stroke picks. */
export declare function ChoiceAnswer<T extends string>({
  id,
  describedBy,
  value,
  choices,
  onAnswer,
}: {
  id: string;
  describedBy?: string;
  value: T;
  choices: readonly (readonly [value: T, label: string])[];
  onAnswer: (value: T) => void;
}): import('react').JSX.Element;
