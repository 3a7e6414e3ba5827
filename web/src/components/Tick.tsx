import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';

/** A yes or no, with its words beside the box. */
export function Tick({
  label,
  name,
  checked,
  describedBy,
  disabled = false,
  onAnswer,
}: {
  label: string;
  /** Its full name, where the words beside the box are short. */
  name?: string;
  checked: boolean;
  describedBy?: string;
  disabled?: boolean;
  onAnswer: (checked: boolean) => void;
}) {
  return (
    <FormControlLabel
      label={label}
      disabled={disabled}
      sx={{ ml: 0, mr: 1 }}
      control={
        <Checkbox
          checked={checked}
          slotProps={{ input: { 'aria-label': name, 'aria-describedby': describedBy } }}
          onChange={({ target }) => onAnswer(target.checked)}
        />
      }
    />
  );
}
