import { once } from 'node:events';
import { type AddressInfo, connect, createServer, type Socket } from 'node:net';

/** The way from a phone to a server, that can be lost. */
export interface Line {
  /** Where the server is reached along it. */
  address: string;
  cut: () => Promise<void>;
  mend: () => Promise<void>;
}

/**
 * Lays a line to a server on loopback and calls `use` with it. It is really cut: one that
 * the browser only plays as cut has let a request through right after a page was loaded.
 */
export async function layLine(to: string, use: (line: Line) => Promise<void>): Promise<void> {
  const { hostname, port } = new URL(to);
  const ends = new Set<Socket>();
  const server = createServer((near) => {
    const far = connect(Number(port), hostname);
    for (const [end, other] of [
      [near, far],
      [far, near],
    ] as const) {
      ends.add(end);
      end.pipe(other);
      // Either end may be torn off, by the page or by the cut.
      end.on('error', () => other.destroy());
      end.on('close', () => {
        ends.delete(end);
        other.destroy();
      });
    }
  });
  const mendAt = async (at: number) => {
    server.listen(at, hostname);
    await once(server, 'listening');
    return (server.address() as AddressInfo).port;
  };
  const cut = async () => {
    if (!server.listening) return;
    server.close();
    for (const end of ends) end.destroy();
    await once(server, 'close');
  };
  const own = await mendAt(0);
  const mend = async () => {
    await mendAt(own);
  };
  await use({ address: `http://${hostname}:${own}`, cut, mend });
  await cut();
}
