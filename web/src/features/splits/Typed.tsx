import OutlinedInput from '@mui/material/OutlinedInput';

/** A field for a figure that is read as it is typed. */
export function Typed({
  id,
  describedBy,
  value,
  wrong,
  width = 96,
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
    <OutlinedInput
      id={id}
      error={wrong}
      autoComplete="off"
      sx={{ width }}
      value={value}
      slotProps={{ input: { 'aria-describedby': describedBy } }}
      onFocus={({ target }) => target instanceof HTMLInputElement && target.select()}
      onChange={({ target }) => onChange(target.value)}
    />
  );
}
