import { formatClock } from '../components/dates.js';
import styles from './Editor.module.css';
import { useEditor } from './useEditor.js';

/** Whether what is in the editor is stored, in words. */
export function SaveLine() {
  const save = useEditor((editor) => editor.save);
  const kept = useEditor((editor) => editor.kept);
  const leftovers = useEditor((editor) => editor.leftovers.length > 0);
  const savedAt = useEditor((editor) => editor.block?.savedAt);
  const state = {
    saved: `Saved ${savedAt === undefined ? '' : formatClock(savedAt)}`,
    waiting: 'Saving …',
    saving: 'Saving …',
    away: kept ? 'Offline: saved on this device, will sync' : 'Offline: will sync',
    refused: 'Not saved',
    conflict: leftovers
      ? 'Two unsaved versions: choose one'
      : 'Changed elsewhere: choose a version',
  }[save];
  const unkept =
    save === 'saved' ? 'unsaved changes are not kept on this device' : 'not kept on this device';
  const words = kept ? state : `${state}; ${unkept}`;
  const grave = !kept || save === 'away' || save === 'refused' || save === 'conflict';
  return (
    <span role="status" className={styles.save} data-grave={grave}>
      {words}
    </span>
  );
}
