import { useEffect } from 'react';
import { useDispatch } from 'react-redux';
import { useLocation, useNavigate } from 'react-router';
import { readCarried } from '../../components/carried-wishes.js';
import { changed } from '../../editor/editor-slice.js';

/** Wishes changed on their own page become one change of the block that is open. */
export function useCarriedChange(): void {
  const location = useLocation();
  const state: unknown = location.state;
  const { pathname } = location;
  const navigate = useNavigate();
  const dispatch = useDispatch();
  useEffect(() => {
    const carried = readCarried(state);
    if (!carried) return;
    dispatch(changed(carried));
    // Going back and forth, or a reload, must not change it again.
    void navigate(pathname, { replace: true, state: null });
  }, [state, pathname, navigate, dispatch]);
}
