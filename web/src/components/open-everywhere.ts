/** What stands over any view once it is asked for. */
export type Opened = 'keys' | 'palette' | 'splits';

const EVENT = 'nadir-open';

/** Asks the frame to open one of its dialogs. */
export function openEverywhere(what: Opened): void {
  window.dispatchEvent(new CustomEvent<Opened>(EVENT, { detail: what }));
}

/** Hears what is asked for; gives back how to stop hearing. */
export function hearOpen(listener: (what: Opened) => void): () => void {
  const hear = (event: Event) => listener((event as CustomEvent<Opened>).detail);
  window.addEventListener(EVENT, hear);
  return () => window.removeEventListener(EVENT, hear);
}
