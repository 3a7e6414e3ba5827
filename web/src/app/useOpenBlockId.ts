import { useSelector } from 'react-redux';
import { useMatch } from 'react-router';
import type { WithEditor } from '../editor/editor-state.js';

/** The block whose places the rail shows: the one on the page, else the one in the editor. */
export function useOpenBlockId(): string | undefined {
  const match = useMatch('/blocks/:id/*');
  const edited = useSelector(({ editor }: WithEditor) => editor?.block?.id);
  const { id } = match?.params ?? {};
  return id === undefined || id === 'new' ? edited : id;
}
