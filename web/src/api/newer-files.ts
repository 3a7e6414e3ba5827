import { paths } from '@nadir/contract/paths';

const MARK = 'nadir.reloaded-for-newer-files';
/** Twice within this time is no upgrade: the page would reload for ever. Milliseconds. */
const ONCE_IN_MS = 60_000;
const PATIENCE_MS = 5000;

/** True for what browsers throw where the file of a view does not come; each has words of its own. */
export function couldNotBeLoaded(error: unknown): boolean {
  return (
    error instanceof Error &&
    /dynamically imported module|module script failed|preload css/i.test(error.message)
  );
}

/**
 * A tab from before an upgrade asks for files that are gone: it is opened anew,
 * once. Where the server is away, opening anew would only lose the page.
 *
 * @returns why it stays, where it does
 */
export async function reloadForNewerFiles(): Promise<'server-away' | 'not-loaded'> {
  if (!(await serverAnswers())) return 'server-away';
  if (mayReload()) window.location.reload();
  return 'not-loaded';
}

async function serverAnswers(): Promise<boolean> {
  try {
    const { ok } = await fetch(paths.live.path, { signal: AbortSignal.timeout(PATIENCE_MS) });
    return ok;
  } catch {
    return false;
  }
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
