import { type Weekday, weekdays } from '@nadir/core/base';

/** Any number of weekdays, each a box to tick. */
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
    <span role="group" aria-label={label} className="weekdays">
      {weekdays.map((day) => (
        <label key={day}>
          <input
            type="checkbox"
            checked={value.includes(day)}
            onChange={({ target }) =>
              onAnswer(
                weekdays.filter((each) => (each === day ? target.checked : value.includes(each))),
              )
            }
          />
          <span>{`${day.charAt(0).toUpperCase()}${day.slice(1, 3)}`}</span>
        </label>
      ))}
    </span>
  );
}
