const MARK = 'nadir.reloaded-for-newer-files';
/** Twice within this time is no upgrade: the page would reload for ever. Milliseconds. */
const ONCE_IN_MS = 60_000;

/** A tab from before an upgrade asks for files that are gone: it is opened anew, once. */
export function reloadOnceForNewerFiles(): void {
  window.addEventListener('vite:preloadError', (event) => {
    if (!mayReload()) return;
    event.preventDefault();
    window.location.reload();
  });
}

function mayReload(): boolean {
  try {
    const last = Number(sessionStorage.getItem(MARK) ?? 0);
    sessionStorage.setItem(MARK, String(Date.now()));
    return Date.now() - last > ONCE_IN_MS;
  } catch {
    // What cannot be remembered cannot be kept to once.
    return false;
  }
}
