import type { Coach, Session } from '@nadir/contract';
/** The signed-in coach and today; everything behind the sign-in may count on it. */
export interface SignedIn extends Session {
  coach: Coach;
}
export declare const SessionContext: import('react').Context<SignedIn | undefined>;
export declare function useSignedIn(): SignedIn;
