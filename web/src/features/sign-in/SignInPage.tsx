import type { Session } from '@nadir/contract';
import { useEffect } from 'react';
import { DemoDoor } from './DemoDoor.js';
import { FirstCoachForm } from './FirstCoachForm.js';
import { SignInForm } from './SignInForm.js';

/** The door: a sign-in, the first coach, or the demo's open door. */
export function SignInPage({ session }: { session: Session }) {
  useEffect(() => {
    document.title = 'Sign in · Nadir';
  }, []);
  return (
    <main className="letter">
      <div style={{ width: 'min(380px, 100%)' }}>
        <p style={{ margin: 0 }}>
          <img src="/mark.svg" alt="" width={44} height={44} />
        </p>
        <h1 className="display" style={{ margin: '8px 0 4px', fontSize: 30 }}>
          Nadir
        </h1>
        <p style={{ marginTop: 0 }}>The desk of a distance running coach.</p>
        {session.demo ? (
          <DemoDoor />
        ) : session.firstCoachWanted ? (
          <FirstCoachForm />
        ) : (
          <SignInForm />
        )}
      </div>
    </main>
  );
}
