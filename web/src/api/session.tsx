import type { Coach, Session } from '@nadir/contract';
import { createContext, useContext } from 'react';

/** The signed-in coach and today; everything behind the sign-in may count on it. */
export interface SignedIn extends Session {
  coach: Coach;
}

export const SessionContext = createContext<SignedIn | undefined>(undefined);

export function useSignedIn(): SignedIn {
  const session = useContext(SessionContext);
  if (!session)
    throw new Error('useSignedIn: call it inside the Shell, which provides the session.');
  return session;
}
