import type { MouseEvent } from 'react';
import { matchPath, useLocation } from 'react-router';
import styles from './Shell.module.css';
import * as wording from './wording.js';

/** What stands in `tabindex` 0 there: the cell or the day in hand. */
const IN_HAND = '[tabindex="0"]';

/** The parts of a page that are worth going to at once, and what is focused there. */
const PARTS: readonly (readonly [page: string, name: string, selector: string])[] = [
  ['/blocks/:id', wording.skipToTheLedger, `[role=grid] ${IN_HAND}`],
  ['/blocks/:id', wording.skipToTheChecks, '#beside'],
  ['/blocks/:id/sheet', wording.skipToTheCells, `[role=grid] ${IN_HAND}`],
  ['/blocks/:id/week/:number?', wording.skipToTheDays, `article${IN_HAND}`],
];

/** First of the keys of a view: over its acts, to what is worked on. */
export function SkipLinks() {
  const { pathname } = useLocation();
  const here = PARTS.filter(([page]) => pathname !== '/blocks/new' && matchPath(page, pathname));
  if (here.length === 0) return null;
  return (
    <nav aria-label={wording.partsOfThisPage}>
      {here.map(([, name, selector]) => (
        <a key={name} className={styles.skip} href="#view" onClick={goTo(selector)}>
          {name}
        </a>
      ))}
    </nav>
  );
}

/** Where the part is not there yet, the link leads to the view. */
function goTo(selector: string) {
  return (event: MouseEvent) => {
    const part = document.querySelector<HTMLElement>(`#view ${selector}`);
    if (!part) return;
    event.preventDefault();
    part.focus();
  };
}
