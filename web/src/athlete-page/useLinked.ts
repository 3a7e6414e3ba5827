import type { SentBody } from '@nadir/contract/athlete';
import { useCallback, useEffect, useRef, useState } from 'react';
import { v4 as uuid } from 'uuid';
import {
  forgetPage,
  forgetWaiting,
  type KeptPage,
  keepPage,
  keepWaiting,
  keptPage,
  type Waiting,
  waitingFor,
} from './device.js';
import { type Away, isAway, readPage, sendFromPage } from './link-calls.js';

/** How often a page that is open is read anew, sent from while something waits, and asked for until it is there. Milliseconds. */
const AGAIN_MS = 60_000;
const SEND_AGAIN_MS = 15_000;
const ASK_AGAIN_MS = 5000;

export interface Linked {
  kept: KeptPage | undefined;
  waiting: readonly Waiting[];
  /** `reading` until something is known of the page for the first time. */
  line: 'reading' | 'here' | Away;
  /** Why the link opens nothing any more. */
  ended: string | undefined;
  /** What was said to the last thing sent, where it was taken otherwise than it was meant. */
  said: string;
  note: (body: SentBody) => Promise<void>;
  /** Sends again what was refused; or lets it go. */
  tryAgain: (id: string) => Promise<void>;
  letGo: (id: string) => Promise<void>;
}

/** The page of a link: from the device at once, then as it stands; what is noted waits until there is a line. */
export function useLinked(link: string): Linked {
  const [kept, setKept] = useState<KeptPage>();
  const [waiting, setWaiting] = useState<readonly Waiting[]>([]);
  const [line, setLine] = useState<Linked['line']>('reading');
  const [ended, setEnded] = useState<string>();
  const [said, setSaid] = useState('');
  const busy = useRef<Promise<void>>(undefined);

  const syncOnce = useCallback(async () => {
    const outcome = await sendAll(link);
    if (outcome.said !== '') setSaid(outcome.said);
    const read = outcome.line === 'here' ? await readPage(link) : { kind: outcome.line };
    if (read.kind === 'answer') {
      const next = { page: read.value, readAt: new Date().toISOString() };
      await keepPage(link, next);
      setKept(next);
    }
    if (read.kind === 'ended') {
      // What was not sent stays: it is shown with the reason.
      await forgetPage(link);
      setKept(undefined);
      setEnded(read.words);
    }
    // Only now: what was sent is on the page that was read.
    setWaiting(await waitingFor(link));
    setLine(isAway(read.kind) ? read.kind : 'here');
  }, [link]);

  /** One at a time: whoever asks meanwhile is served right after. */
  const sync = useCallback((): Promise<void> => {
    const next = (busy.current ?? Promise.resolve()).then(syncOnce);
    const turn = next
      .catch(() => undefined)
      .finally(() => {
        if (busy.current === turn) busy.current = undefined;
      });
    busy.current = turn;
    return next;
  }, [syncOnce]);

  useEffect(() => {
    const seen = { isOver: false };
    void (async () => {
      const known = await keptPage(link);
      const held = await waitingFor(link);
      if (seen.isOver) return;
      setKept(known);
      setWaiting(held);
      await sync();
    })();
    return () => {
      seen.isOver = true;
    };
  }, [link, sync]);

  const isMissing = kept === undefined && ended === undefined;
  const unsent = waiting.some(({ refused }) => refused === undefined);
  useEffect(() => {
    const again = () => {
      if (document.visibilityState === 'visible') void sync();
    };
    window.addEventListener('online', again);
    document.addEventListener('visibilitychange', again);
    const often = isMissing ? ASK_AGAIN_MS : unsent ? SEND_AGAIN_MS : AGAIN_MS;
    // A server that is slow to answer is not asked again meanwhile.
    const timer = setInterval(() => {
      if (!busy.current) again();
    }, often);
    return () => {
      window.removeEventListener('online', again);
      document.removeEventListener('visibilitychange', again);
      clearInterval(timer);
    };
  }, [sync, unsent, isMissing]);

  const changed = async (change: Promise<void>) => {
    await change;
    setWaiting(await waitingFor(link));
    await sync();
  };
  return {
    kept,
    waiting,
    line,
    ended,
    said,
    async note(body) {
      setSaid('');
      await changed(keepWaiting(link, { id: uuid(), at: new Date().toISOString(), body }));
    },
    async tryAgain(id) {
      const found = waiting.find((each) => each.id === id);
      if (found) await changed(keepWaiting(link, { ...found, refused: undefined }));
    },
    letGo: (id) => changed(forgetWaiting(id)),
  };
}

/** Sends what waits, in its order; what is refused stays with its reason, and what has no line waits on. */
async function sendAll(link: string): Promise<{ line: 'here' | Away; said: string }> {
  let said = '';
  for (const { id, at, body, refused } of await waitingFor(link)) {
    if (refused !== undefined) continue;
    const sent = await sendFromPage(link, id, body);
    // The page itself will say so when it is read.
    if (sent.kind === 'ended') return { line: 'here', said };
    if (sent.kind === 'answer') {
      await forgetWaiting(id);
      said = sent.value.said || said;
    } else if (sent.kind === 'refused') {
      await keepWaiting(link, { id, at, body, refused: sent.words });
    } else {
      return { line: sent.kind, said };
    }
  }
  return { line: 'here', said };
}
