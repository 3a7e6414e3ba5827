import Chip from '@mui/material/Chip';
import Tooltip from '@mui/material/Tooltip';
import { useSignedIn } from '../api/session.js';
import * as wording from './wording.js';

/** Says of the demo that it is one. */
export function DemoChip() {
  const { demo, coach } = useSignedIn();
  if (!demo) return null;
  return (
    <Tooltip title={wording.signedInAsWithoutAPassword(coach.name)}>
      <Chip
        label={wording.demo}
        variant="outlined"
        tabIndex={0}
        aria-label={wording.demoSignedInAsWithoutAPassword(coach.name)}
        sx={{ color: 'inherit' }}
      />
    </Tooltip>
  );
}
