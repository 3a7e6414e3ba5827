import type { Session } from '@nadir/contract';
import styles from './SignIn.module.css';
import { useEffect } from 'react';
import { DemoDoor } from './DemoDoor.js';
import { FirstCoachForm } from './FirstCoachForm.js';
import { SignInForm } from './SignInForm.js';
import * as wording from './wording.js';

/** The door: a sign-in, the first coach, or the demo's open door. */
export function SignInPage({
  session,
  ranOut = false,
}: {
  session: Session;
  /** The sign-in ended while the page was open. */
  ranOut?: boolean;
}) {
  useEffect(() => {
    document.title = wording.signInNadir;
  }, []);
  return (
    <main className={styles.letter}>
      <div className={styles.sheet}>
        <p className={styles.flush}>
          <img src="/mark.svg" alt="" width={44} height={44} />
        </p>
        <h1 className={`display ${styles.name ?? ''}`}>{wording.nadir}</h1>
        <p className={styles.lead}>{wording.theDeskOfADistanceRunningCoach}</p>
        {ranOut && <p role="status">{wording.youWereSignedOut}</p>}
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
