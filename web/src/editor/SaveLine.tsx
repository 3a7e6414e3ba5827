import { formatClock } from '../components/dates.js';
import styles from './Editor.module.css';
import { useEditor } from './useEditor.js';
import * as wording from './wording.js';

/** Whether what is in the editor is stored, in words. */
export function SaveLine() {
  const save = useEditor((editor) => editor.save);
  const kept = useEditor((editor) => editor.kept);
  const leftovers = useEditor((editor) => editor.leftovers.length > 0);
  const savedAt = useEditor((editor) => editor.block?.savedAt);
  const state = {
    saved: wording.saved(savedAt === undefined ? '' : formatClock(savedAt)),
    waiting: wording.saving,
    saving: wording.saving,
    away: kept ? wording.offlineSavedOnThisDeviceWillSync : wording.offlineWillSync,
    refused: wording.notSaved,
    conflict: leftovers
      ? wording.twoUnsavedVersionsChooseOne
      : wording.changedElsewhereChooseAVersion,
  }[save];
  const unkept = save === 'saved' ? wording.unsavedChangesAreNotKept : wording.notKeptOnThisDevice;
  const words = kept ? state : `${state}; ${unkept}`;
  const grave = !kept || save === 'away' || save === 'refused' || save === 'conflict';
  return (
    <span role="status" className={styles.save} data-grave={grave}>
      {words}
    </span>
  );
}
