import Button from '@mui/material/Button';
import OutlinedInput from '@mui/material/OutlinedInput';
import { type SyntheticEvent, useState } from 'react';
import * as wording from '../wording.js';

/** A reason for which something is to stand; none is taken without it. */
export function WaiveForm({
  label,
  words,
  onWaive,
}: {
  /** What the button says. */
  label: string;
  /** What the reason is for. */
  words: string;
  onWaive: (reason: string) => void;
}) {
  const [reason, setReason] = useState('');
  const [wanted, setWanted] = useState(false);

  function onSubmit(event: SyntheticEvent) {
    event.preventDefault();
    const given = reason.trim();
    setWanted(given === '');
    if (given !== '') onWaive(given);
  }

  return (
    <>
      <form onSubmit={onSubmit} noValidate aria-label={label}>
        <OutlinedInput
          fullWidth
          error={wanted}
          placeholder={words}
          value={reason}
          onChange={({ target }) => setReason(target.value)}
          slotProps={{ input: { 'aria-label': words, maxLength: 500 } }}
        />
        <Button type="submit" variant="outlined">
          {label}
        </Button>
      </form>
      {wanted && (
        <span role="alert" className="grave">
          {wording.aWaiverNeedsItsReason}
        </span>
      )}
    </>
  );
}
