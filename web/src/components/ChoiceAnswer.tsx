/** A choice among few, as the browser's own list: one key stroke picks. */
export function ChoiceAnswer<T extends string>({
  id,
  label,
  describedBy,
  value,
  choices,
  closed = [],
  onAnswer,
}: {
  id?: string;
  /** Its name, where no label beside it gives one. */
  label?: string;
  describedBy?: string;
  value: T;
  choices: readonly (readonly [value: T, label: string])[];
  /** Shown, and not to be chosen now. */
  closed?: readonly T[];
  onAnswer: (value: T) => void;
}) {
  return (
    <select
      id={id}
      className="answer"
      aria-label={label}
      aria-describedby={describedBy}
      value={value}
      onChange={(event) => {
        const chosen = choices.find(([each]) => each === event.target.value);
        if (chosen) onAnswer(chosen[0]);
      }}
    >
      {choices.map(([each, label]) => (
        <option key={each} value={each} disabled={closed.includes(each)}>
          {label}
        </option>
      ))}
    </select>
  );
}
