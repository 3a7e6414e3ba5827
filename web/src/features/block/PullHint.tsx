import Button from '@mui/material/Button';
import { useState } from 'react';
import styles from './Notice.module.css';
import * as wording from './wording.js';

const KEY = 'nadir.pull-hint';

/** Said once on a device, over no figure: that the drawing can be pulled. */
export function PullHint() {
  const [shown, setShown] = useState(wantsHint);
  if (!shown) return null;
  return (
    <div className={styles.bar} role="region" aria-label={wording.byHand}>
      <span>{wording.pullTheTopOfAWeek}</span>
      <Button onClick={() => setShown(false)}>{wording.ok}</Button>
    </div>
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
