/** A field for a figure that is read as it is typed. */
export function Typed({
  id,
  describedBy,
  value,
  wrong,
  width = 92,
  onChange,
}: {
  id: string;
  describedBy: string;
  value: string;
  wrong: boolean;
  width?: number;
  onChange: (text: string) => void;
}) {
  return (
    <input
      id={id}
      className="answer"
      aria-describedby={describedBy}
      aria-invalid={wrong}
      autoComplete="off"
      style={{ width }}
      value={value}
      onFocus={({ target }) => target.select()}
      onChange={({ target }) => onChange(target.value)}
    />
  );
}
