/**
 * A text field over an answer: it shows the settled answer, and while it is
 * edited what is typed. Emptied, the answer is worked out again.
 */
export declare function TextAnswer({
  id,
  describedBy,
  value,
  given,
  wrong,
  width,
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
}): import('react').JSX.Element;
