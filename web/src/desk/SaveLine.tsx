import { token } from '../look/tokens.js';
import { formatClock } from '../parts/dates.js';
import { useDesk } from './useDesk.js';

/** Whether what is on the desk is stored, in words. */
export function SaveLine() {
  const save = useDesk((desk) => desk.save);
  const kept = useDesk((desk) => desk.kept);
  const leftovers = useDesk((desk) => desk.leftovers.length > 0);
  const savedAt = useDesk((desk) => desk.block?.savedAt);
  const state = {
    saved: `saved ${savedAt === undefined ? '' : formatClock(savedAt)}`,
    waiting: 'saving …',
    saving: 'saving …',
    away: kept ? 'Offline: saved on this device, will sync' : 'Offline: will sync',
    refused: 'not saved',
    conflict: leftovers
      ? 'two unsaved versions: choose one'
      : 'changed elsewhere: choose a version',
  }[save];
  const unkept =
    save === 'saved' ? 'unsaved changes are not kept on this device' : 'not kept on this device';
  const words = kept ? state : `${state}; ${unkept}`;
  const grave = !kept || save === 'away' || save === 'refused' || save === 'conflict';
  return (
    <span
      role="status"
      style={{
        color: token(grave ? 'signal' : 'muted'),
        fontSize: 13,
        // Bad news is longer, and may take two lines.
        whiteSpace: grave ? 'normal' : 'nowrap',
      }}
    >
      {words}
    </span>
  );
}
