import { type ReactNode, Suspense, createContext, useCallback, useContext, useState } from 'react';
import { later } from './later.js';
import type { Message } from './message.js';

type Say = (message: Message) => void;

const MessagesContext = createContext<Say>(() => undefined);

/** Says what an act did; the same function for as long as the page lives. */
export function useSay(): Say {
  return useContext(MessagesContext);
}

/** A page that has nothing to say yet does not wait for the bar. */
const MessageBar = later(async () => (await import('./MessageBar.js')).MessageBar);

/** Every act answers here: one message at a time, with its Undo. */
export function Messages({ children }: { children: ReactNode }) {
  const [said, setSaid] = useState<Message & { number: number }>();
  const say = useCallback(
    (message: Message) => setSaid((last) => ({ ...message, number: (last?.number ?? 0) + 1 })),
    [],
  );
  return (
    <MessagesContext value={say}>
      {children}
      {said && (
        <Suspense fallback={null}>
          <MessageBar key={said.number} {...said} />
        </Suspense>
      )}
    </MessagesContext>
  );
}
