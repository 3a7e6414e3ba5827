import { useSelector } from 'react-redux';
import type { EditorState } from './editor-slice.js';

/** One thing of the editor; the component is drawn again only when that changes. */
export function useEditor<T>(select: (editor: EditorState) => T): T {
  return useSelector(({ editor }: { editor: EditorState }) => select(editor));
}
