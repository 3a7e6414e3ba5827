import OutlinedInput from '@mui/material/OutlinedInput';

/** Narrows the squad to who or what is typed. */
export function FindAthlete({ typed, onType }: { typed: string; onType: (typed: string) => void }) {
  return (
    <OutlinedInput
      placeholder="Find an athlete or race"
      value={typed}
      onChange={({ target }) => onType(target.value)}
      slotProps={{ input: { 'aria-label': 'Find an athlete or race', type: 'search' } }}
    />
  );
}
