import { careFixes } from './care.js';
import { eventsFixes } from './events.js';
import { longRunFixes } from './longrun.js';
import { pacesFixes } from './paces.js';
import { phasesFixes } from './phases.js';
import { recoveryFixes } from './recovery.js';
import { sessionsFixes } from './sessions.js';
import { taperFixes } from './taper.js';
import { volumeFixes } from './volume.js';
import { weekFixes } from './week.js';
import type { FixesByCheck } from './fix.js';

/** What may be done about a finding, by its check; none where only another plan would help. */
export const fixesByCheck: FixesByCheck = {
  ...careFixes,
  ...eventsFixes,
  ...longRunFixes,
  ...pacesFixes,
  ...phasesFixes,
  ...recoveryFixes,
  ...sessionsFixes,
  ...taperFixes,
  ...volumeFixes,
  ...weekFixes,
};
