import { v4 as uuid } from 'uuid';
import * as z from 'zod/mini';

/** This page, for as long as it lives; a reload is another. */
export const thisTab = uuid();

const LOCK = 'nadir.tab.';

/** Without locks, as on an address without encryption, pages do not know of each other. */
const locks = navigator.locks as LockManager | undefined;

/** Held while the page lives, so that others know: the browser lets go of it for a page that was killed. */
export function holdTab(): void {
  void locks
    ?.request(`${LOCK}${thisTab}`, () => new Promise(() => undefined))
    .catch(() => undefined);
}

/** Pages of this site that live in this browser, this one too. */
export async function liveTabs(): Promise<ReadonlySet<string>> {
  const { held = [] } = (await locks?.query().catch(() => undefined)) ?? {};
  const tabs = held.flatMap(({ name = '' }) =>
    name.startsWith(LOCK) ? [name.slice(LOCK.length)] : [],
  );
  return new Set([...tabs, thisTab]);
}

/** What pages of one browser tell each other. */
const news = z.discriminatedUnion('kind', [
  /** A page has a block open; `answer` asks the others to say so too. */
  z.strictObject({
    kind: z.literal('open'),
    tab: z.string(),
    block: z.string(),
    answer: z.boolean(),
  }),
  z.strictObject({ kind: z.literal('left'), tab: z.string(), block: z.string() }),
  z.strictObject({ kind: z.literal('saved'), tab: z.string(), block: z.string() }),
  z.strictObject({ kind: z.literal('signed-out'), tab: z.string() }),
]);
export type TabNews = z.infer<typeof news>;

const channel = openChannel();

/** None where the browser has none, or denies it with all that a site may keep. */
function openChannel(): BroadcastChannel | undefined {
  try {
    return new BroadcastChannel('nadir');
  } catch {
    return undefined;
  }
}

/** Tells every other page. */
export function tell(message: TabNews): void {
  channel?.postMessage(message);
}

/** Hears what other pages tell, until the function it gives is called. */
export function hear(listener: (message: TabNews) => void): () => void {
  const take = ({ data }: MessageEvent<unknown>) => {
    const read = news.safeParse(data);
    if (read.success && read.data.tab !== thisTab) listener(read.data);
  };
  channel?.addEventListener('message', take);
  return () => channel?.removeEventListener('message', take);
}
