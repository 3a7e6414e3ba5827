/** A choice among few, as the browser's own list: one key stroke picks. */
export function ChoiceAnswer<T extends string>({
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
}) {
  return (
    <select
      id={id}
      className="answer"
      aria-describedby={describedBy}
      value={value}
      onChange={(event) => {
        const chosen = choices.find(([each]) => each === event.target.value);
        if (chosen) onAnswer(chosen[0]);
      }}
    >
      {choices.map(([each, label]) => (
        <option key={each} value={each}>
          {label}
        </option>
      ))}
    </select>
  );
}
