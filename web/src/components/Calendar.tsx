import { AdapterDateFns } from '@mui/x-date-pickers/AdapterDateFns';
import { DateCalendar } from '@mui/x-date-pickers/DateCalendar';
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider';
import { type CivilDate, type Weekday, weekdays } from '@nadir/core/base';
import { enGB } from 'date-fns/locale/en-GB';
import { useMemo } from 'react';
import { civilOf, dateOf } from './read-date.js';

/** A month to take a day from; its weeks begin as the coach's do. */
export function Calendar({
  value,
  latest,
  weekStartsOn,
  onAnswer,
}: {
  value: CivilDate;
  latest?: CivilDate | undefined;
  weekStartsOn: Weekday;
  onAnswer: (date: CivilDate) => void;
}) {
  const locale = useMemo(() => {
    // Sunday is the first for the library, Monday for us.
    const first = ((weekdays.indexOf(weekStartsOn) + 1) % 7) as 0 | 1 | 2 | 3 | 4 | 5 | 6;
    return { ...enGB, options: { ...enGB.options, weekStartsOn: first } };
  }, [weekStartsOn]);
  return (
    <LocalizationProvider dateAdapter={AdapterDateFns} adapterLocale={locale}>
      <DateCalendar
        autoFocus
        value={dateOf(value)}
        {...(latest && { maxDate: dateOf(latest) })}
        onChange={(date: Date | null, state) => {
          if (date && state === 'finish') onAnswer(civilOf(date));
        }}
      />
    </LocalizationProvider>
  );
}
