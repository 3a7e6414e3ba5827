import FormHelperText from '@mui/material/FormHelperText';
import InputAdornment from '@mui/material/InputAdornment';
import OutlinedInput from '@mui/material/OutlinedInput';
import Popover from '@mui/material/Popover';
import type { CivilDate, Weekday } from '@nadir/core/base';
import { Suspense, useId, useRef, useState } from 'react';
import { later } from './later.js';
import { useSignedIn } from '../api/session.js';
import { CalendarIcon } from '../theme/icons.js';
import { IconAct } from './IconAct.js';
import { formatDay } from './dates.js';
import { readDate } from './read-date.js';
import * as wording from './wording.js';

/** Opened seldom: a day is quicker typed. */
const Calendar = later(async () => (await import('./Calendar.js')).Calendar);

/** A day, typed as coaches write it or taken from a calendar; shown with its weekday. */
export function DateAnswer({
  id,
  label,
  describedBy,
  value,
  wrong = false,
  latest,
  weekStartsOn,
  onAnswer,
}: {
  id?: string;
  label?: string;
  describedBy?: string;
  value: CivilDate | undefined;
  wrong?: boolean;
  /** The last day that can be taken from the calendar. */
  latest?: CivilDate;
  weekStartsOn?: Weekday;
  onAnswer: (date: CivilDate) => void;
}) {
  const { today, coach } = useSignedIn();
  const [typed, setTyped] = useState<string>();
  const [open, setOpen] = useState(false);
  const [left, setLeft] = useState(false);
  const field = useRef<HTMLDivElement>(null);
  const sayId = useId();
  const unread = typed !== undefined && typed.trim() !== '' && !readDate(typed, today);
  // A day that is being typed is none yet.
  const says = unread && left;
  return (
    <>
      <OutlinedInput
        ref={field}
        id={id}
        data-unread={unread || undefined}
        error={wrong || unread}
        autoComplete="off"
        placeholder="9 5"
        value={typed ?? (value ? formatDay(value) : '')}
        sx={{ width: 188 }}
        slotProps={{
          input: { 'aria-label': label, 'aria-describedby': says ? sayId : describedBy },
        }}
        endAdornment={
          <InputAdornment position="end" sx={{ mr: -1 }}>
            <IconAct
              label={wording.openTheCalendar}
              icon={CalendarIcon}
              onClick={() => setOpen(true)}
            />
          </InputAdornment>
        }
        onFocus={({ target }) => target instanceof HTMLInputElement && target.select()}
        onChange={({ target }) => {
          setLeft(false);
          setTyped(target.value);
          const date = readDate(target.value, today);
          if (date) onAnswer(date);
        }}
        onBlur={() => {
          setLeft(true);
          if (!unread) setTyped(undefined);
        }}
      />
      {says && (
        <FormHelperText error id={sayId} role="alert" sx={{ flexBasis: '100%' }}>
          {wording.isNoDay(typed)}
        </FormHelperText>
      )}
      <Popover
        open={open}
        anchorEl={() => field.current}
        onClose={() => setOpen(false)}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
      >
        <Suspense fallback={null}>
          <Calendar
            value={value ?? today}
            latest={latest}
            weekStartsOn={weekStartsOn ?? coach.settings.weekStartsOn}
            onAnswer={(date) => {
              setTyped(undefined);
              setOpen(false);
              onAnswer(date);
            }}
          />
        </Suspense>
      </Popover>
    </>
  );
}
