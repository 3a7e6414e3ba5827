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
    <span role="status" className={styles.save} data-grave={grave}>
      {words}
    </span>
  );
}
