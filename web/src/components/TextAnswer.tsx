import { useState } from 'react';

/**
 * A text field over an answer: it shows the settled answer, and while it is
 * edited what is typed. Emptied, the answer is worked out again.
 */
export function TextAnswer({
  id,
  describedBy,
  value,
  given,
  wrong = false,
  width = 92,
  autoFocus,
  onAnswer,
}: {
  id: string;
  describedBy: string;
  /** The settled answer as text. */
  value: string;
  /** True when the coach gave it; a worked-out answer is set apart. */
  given: boolean;
  wrong?: boolean;
  width?: number | string;
  autoFocus?: boolean;
  /** Called at every key stroke with what stands in the field. */
  onAnswer: (text: string) => void;
}) {
  const [typed, setTyped] = useState<string>();
  return (
    <input
      id={id}
      className={given || typed !== undefined ? 'answer' : 'answer worked-out'}
      aria-describedby={describedBy}
      aria-invalid={wrong}
      autoFocus={autoFocus}
      autoComplete="off"
      value={typed ?? value}
      style={{ width }}
      onFocus={(event) => event.target.select()}
      onChange={(event) => {
        setTyped(event.target.value);
        onAnswer(event.target.value);
      }}
      onBlur={() => {
        if (!wrong) setTyped(undefined);
      }}
    />
  );
}
