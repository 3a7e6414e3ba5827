import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { type Weekday, weekdays } from '@nadir/core/base';

/** Any number of weekdays, each a button that stays pressed. */
export function WeekdaysAnswer({
  label,
  value,
  onAnswer,
}: {
  label: string;
  value: readonly Weekday[];
  onAnswer: (value: Weekday[]) => void;
}) {
  return (
    <ToggleButtonGroup
      aria-label={label}
      value={[...value]}
      onChange={(_, chosen: Weekday[]) =>
        onAnswer(weekdays.filter((each) => chosen.includes(each)))
      }
    >
      {weekdays.map((day) => (
        <ToggleButton key={day} value={day} sx={{ px: 0.75 }}>
          {`${day.charAt(0).toUpperCase()}${day.slice(1, 3)}`}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}
