import type { Session } from '@nadir/contract';
/** The door: a sign-in, the first coach, or the demo's open door. */
export declare function SignInPage({ session }: { session: Session }): import('react').JSX.Element;
