import { useSelector } from 'react-redux';
import { editorOf } from './editor-slice.js';
import type { EditorState, WithEditor } from './editor-state.js';

/** One thing of the editor; the component is drawn again only when that changes. */
export function useEditor<T>(select: (editor: EditorState) => T): T {
  return useSelector((state: WithEditor) => select(editorOf(state)));
}
