import OutlinedInput from '@mui/material/OutlinedInput';
import * as wording from './wording.js';

/** Narrows the squad to who or what is typed. */
export function FindAthlete({ typed, onType }: { typed: string; onType: (typed: string) => void }) {
  return (
    <OutlinedInput
      placeholder={wording.findAnAthleteOrRace}
      value={typed}
      onChange={({ target }) => onType(target.value)}
      slotProps={{ input: { 'aria-label': wording.findAnAthleteOrRace, type: 'search' } }}
    />
  );
}
