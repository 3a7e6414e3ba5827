/** Where an element stood: each parent from the inside out, and the place in it. */
type Trail = readonly (readonly [parent: Element, place: number])[];

interface Kept {
  element: HTMLElement;
  name: string;
  trail: Trail;
  /** What stands in the body itself: the page, or a dialog or a menu over it. */
  top: Element;
  /** Where keys were before they entered that. */
  from: Kept | undefined;
  path: string;
}

const KEYS_GO_TO =
  'a[href], button:enabled, input:enabled, select:enabled, textarea:enabled, [tabindex]:not([tabindex="-1"])';

/** A button that works for a moment is come back to; one that stays closed hands on after this. */
const CLOSED_MS = 1000;

/**
 * Keeps keys where they were when what they were on goes away: a button that its own form
 * stands for, a line that was removed, a row that was moved, a button that is closed while it works.
 * A browser leaves them at the top of the page then, and the way back is by all that stands before.
 * Whoever points is left alone.
 *
 * @returns what ends it
 */
export function keepFocus(root: HTMLElement): () => void {
  let kept: Kept | undefined;
  let byKeys = true;
  let frame = 0;
  let timer = 0;

  // In the bar of the browser they are elsewhere, not lost.
  const isLost = () =>
    byKeys &&
    kept?.path === location.pathname &&
    document.activeElement === document.body &&
    document.hasFocus();

  const check = () => {
    frame = 0;
    if (kept?.element.isConnected && !goesTo(kept.element)) {
      timer ||= window.setTimeout(handOn, CLOSED_MS);
    } else {
      handOn();
    }
  };
  const handOn = () => {
    clearTimeout(timer);
    timer = 0;
    if (kept && isLost()) nextOf(kept)?.focus();
  };
  const observer = new MutationObserver(() => {
    // What is closed loses the keys a moment later, and nothing tells of it.
    const isNow = isLost() || kept?.element.matches(':disabled');
    if (isNow && frame === 0) frame = requestAnimationFrame(check);
  });
  observer.observe(root, {
    childList: true,
    subtree: true,
    attributes: true,
    attributeFilter: ['disabled'],
  });

  const ended = new AbortController();
  const hear = (type: keyof DocumentEventMap, heard: (event: Event) => void) =>
    document.addEventListener(type, heard, { capture: true, signal: ended.signal });
  hear('keydown', () => (byKeys = true));
  hear('pointerdown', () => {
    byKeys = false;
    // Whoever points at the page beside it has left it.
    kept = undefined;
  });
  hear('focusin', ({ target }) => {
    if (target instanceof HTMLElement) kept = keptOf(target, kept);
  });
  return () => {
    observer.disconnect();
    ended.abort();
    cancelAnimationFrame(frame);
    clearTimeout(timer);
  };
}

/** @param last what keys were on until now: what a dialog or a menu was opened from, where they enter one */
function keptOf(element: HTMLElement, last: Kept | undefined): Kept {
  const trail: [Element, number][] = [];
  let top: Element = element;
  while (top.parentElement && top.parentElement !== document.body) {
    trail.push([top.parentElement, [...top.parentElement.children].indexOf(top)]);
    top = top.parentElement;
  }
  // One step back is enough, and holds on to no page that is gone.
  const from = last?.top === top ? last.from : last && { ...last, from: undefined };
  return { element, name: nameOf(element), trail, top, from, path: location.pathname };
}

/** Where keys go on: on it, on what stands for it, or where they came from. */
function nextOf(kept: Kept): HTMLElement | undefined {
  if (goesTo(kept.element)) return kept.element;
  return heirOf(kept) ?? (kept.from && nextOf(kept.from));
}

/**
 * What stands for it now, in the nearest of its parents that is left: its like in what came
 * to its place, or the first there is from that place on, or the last before it.
 */
function heirOf({ name, trail }: Kept): HTMLElement | undefined {
  for (const [parent, place] of trail) {
    if (!parent.isConnected) continue;
    const [inPlace = [], ...after] = [...parent.children].slice(place).map(found);
    const before = [...parent.children].slice(0, place).flatMap(found);
    const like = inPlace.find((other) => nameOf(other) === name);
    const heir = like ?? inPlace[0] ?? after.flat()[0] ?? before.at(-1);
    if (heir) return heir;
  }
  return undefined;
}

function nameOf(element: HTMLElement): string {
  return element.getAttribute('aria-label') ?? element.textContent;
}

/** What keys can go to in it, itself too. */
function found(part: Element): HTMLElement[] {
  const within = [...part.querySelectorAll<HTMLElement>(KEYS_GO_TO)];
  return (part instanceof HTMLElement ? [part, ...within] : within).filter(goesTo);
}

function goesTo(element: HTMLElement): boolean {
  return element.isConnected && element.matches(KEYS_GO_TO) && element.getClientRects().length > 0;
}
