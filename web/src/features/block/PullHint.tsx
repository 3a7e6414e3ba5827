import { useEffect, useState } from 'react';
import styles from './BlockPage.module.css';
import * as wording from './wording.js';

const KEY = 'nadir.pull-hint';
const SHOWN_MS = 8000;

/** Said once on a device: that the drawing can be pulled. */
export function PullHint() {
  const [shown, setShown] = useState(wantsHint);
  useEffect(() => {
    if (!shown) return;
    const timer = setTimeout(() => setShown(false), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [shown]);
  if (!shown) return null;
  return (
    <p className={styles.hint} role="note">
      {wording.pullTheTopOfAWeek}
    </p>
  );
}

function wantsHint(): boolean {
  try {
    const isFirst = localStorage.getItem(KEY) === null;
    localStorage.setItem(KEY, 'said');
    return isFirst;
  } catch {
    // Where nothing is remembered it would be said for ever.
    return false;
  }
}
