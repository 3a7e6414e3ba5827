import { addDays, type CivilDate } from '@nadir/core/base';
import { useEffect, useState } from 'react';

const LOOK_MS = 30_000;

/** The day where the athlete is, by the device’s own clock; days ahead of it in a demo. */
export function useToday(daysAhead: number): CivilDate {
  const [date, setDate] = useState(() => civilDateOf(new Date()));
  useEffect(() => {
    const look = () => setDate(civilDateOf(new Date()));
    const timer = setInterval(look, LOOK_MS);
    document.addEventListener('visibilitychange', look);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', look);
    };
  }, []);
  return addDays(date, daysAhead);
}

function civilDateOf(instant: Date): CivilDate {
  const month = String(instant.getMonth() + 1).padStart(2, '0');
  return `${instant.getFullYear()}-${month}-${String(instant.getDate()).padStart(2, '0')}`;
}
