import { athletePage, type AthletePage, sentBody, type SentBody } from '@nadir/contract/athlete';
import { type DBSchema, type IDBPDatabase, openDB } from 'idb';

/** Something that was noted here and is to be sent. */
export interface Waiting {
  /** Its own id: sent twice, it is taken once. */
  id: string;
  at: string;
  body: SentBody;
  /** Why it was not taken; it stays until its athlete has seen that. */
  refused?: string | undefined;
}

/** The page as it was last read. */
export interface KeptPage {
  page: AthletePage;
  readAt: string;
}

interface Device extends DBSchema {
  links: { key: 'last'; value: string };
  pages: { key: string; value: { page: unknown; readAt: string } };
  outbox: {
    key: string;
    value: { id: string; link: string; at: string; body: unknown; refused?: string | undefined };
    indexes: { link: string };
  };
}

let opened: Promise<IDBPDatabase<Device>> | undefined;

function device(): Promise<IDBPDatabase<Device>> {
  opened ??= openDB<Device>('nadir-athlete', 1, {
    upgrade(database) {
      database.createObjectStore('links');
      database.createObjectStore('pages');
      database.createObjectStore('outbox', { keyPath: 'id' }).createIndex('link', 'link');
    },
  });
  return opened;
}

/** The link that was opened last: where the page was put on the home screen without it. */
export async function lastLink(): Promise<string | undefined> {
  return (await device()).get('links', 'last');
}

export async function rememberLink(link: string): Promise<void> {
  await (await device()).put('links', link, 'last');
}

/** The page of a link as it was last read; undefined where it never was, or was kept by an older page. */
export async function keptPage(link: string): Promise<KeptPage | undefined> {
  const kept = await (await device()).get('pages', link);
  const parsed = athletePage.safeParse(kept?.page);
  return kept && parsed.success ? { page: parsed.data, readAt: kept.readAt } : undefined;
}

export async function keepPage(link: string, kept: KeptPage): Promise<void> {
  await (await device()).put('pages', kept, link);
}

/** What the link showed is no longer this device’s to show. */
export async function forgetPage(link: string): Promise<void> {
  await (await device()).delete('pages', link);
}

/** What waits to be sent by a link, in the order it was noted. */
export async function waitingFor(link: string): Promise<Waiting[]> {
  const rows = await (await device()).getAllFromIndex('outbox', 'link', link);
  return rows
    .flatMap(({ id, at, body, refused }) => {
      const parsed = sentBody.safeParse(body);
      return parsed.success ? [{ id, at, body: parsed.data, refused }] : [];
    })
    .sort((one, other) => one.at.localeCompare(other.at));
}

export async function keepWaiting(link: string, waiting: Waiting): Promise<void> {
  await (await device()).put('outbox', { ...waiting, link });
}

export async function forgetWaiting(id: string): Promise<void> {
  await (await device()).delete('outbox', id);
}
