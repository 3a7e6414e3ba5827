/** Where an element stood: each parent from the inside out, and the place in it. */
type Trail = readonly (readonly [parent: Element, place: number])[];

interface Kept {
  element: HTMLElement;
  name: string;
  trail: Trail;
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

  const isLost = () =>
    byKeys && kept?.path === location.pathname && document.activeElement === document.body;

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
    if (kept && isLost()) (goesTo(kept.element) ? kept.element : heirOf(kept))?.focus();
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
  hear('pointerdown', () => (byKeys = false));
  hear('focusin', ({ target }) => {
    if (target instanceof HTMLElement) kept = keptOf(target);
  });
  return () => {
    observer.disconnect();
    ended.abort();
    cancelAnimationFrame(frame);
    clearTimeout(timer);
  };
}

function keptOf(element: HTMLElement): Kept {
  const trail: [Element, number][] = [];
  for (let child: Element = element; child.parentElement; child = child.parentElement) {
    trail.push([child.parentElement, [...child.parentElement.children].indexOf(child)]);
  }
  return { element, name: nameOf(element), trail, path: location.pathname };
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
