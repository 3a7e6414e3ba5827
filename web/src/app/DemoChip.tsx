import Chip from '@mui/material/Chip';
import Tooltip from '@mui/material/Tooltip';
import { useSignedIn } from '../api/session.js';

/** Says of the demo that it is one. */
export function DemoChip() {
  const { demo, coach } = useSignedIn();
  if (!demo) return null;
  return (
    <Tooltip
      title={`Signed in as ${coach.name} without a password. Everyone here is invented; change what you like.`}
    >
      <Chip
        label="Demo"
        variant="outlined"
        tabIndex={0}
        aria-label={`Demo: signed in as ${coach.name} without a password`}
        sx={{ color: 'inherit' }}
      />
    </Tooltip>
  );
}
