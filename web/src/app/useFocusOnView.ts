import { type RefObject, useEffect, useRef } from 'react';
import { useLocation } from 'react-router';

/** After going to another view, keys go on there and not in the way around, unless it has taken the focus itself. */
export function useFocusOnView(view: RefObject<HTMLElement | null>): void {
  const { pathname } = useLocation();
  const shown = useRef(pathname);
  useEffect(() => {
    if (shown.current === pathname) return;
    shown.current = pathname;
    if (!view.current?.contains(document.activeElement)) {
      view.current?.focus({ preventScroll: true });
    }
  }, [pathname, view]);
}
