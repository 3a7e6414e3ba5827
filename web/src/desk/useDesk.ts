import { useSelector } from 'react-redux';
import type { DeskState } from './desk.js';

/** One thing of the desk; the component is drawn again only when that changes. */
export function useDesk<T>(select: (desk: DeskState) => T): T {
  return useSelector(({ desk }: { desk: DeskState }) => select(desk));
}
