import Skeleton from '@mui/material/Skeleton';
import useMediaQuery from '@mui/material/useMediaQuery';
import { Suspense, useEffect, useRef, useState } from 'react';
import { Outlet } from 'react-router';
import { later } from '../components/later.js';
import { useSessionQuery } from '../api/api.js';
import { errorSentence } from '../api/call-error.js';
import { SIGNED_OUT, openFreshPage } from '../api/fresh-page.js';
import { SessionContext } from '../api/session.js';
import { useNewDay } from '../api/useNewDay.js';
import { useRetryWhileAway } from '../api/useRetryWhileAway.js';
import { ErrorNote } from '../components/ErrorNote.js';
import { Messages } from '../components/messages.js';
import { useWhenIdle } from '../components/useWhenIdle.js';
import { PHONE } from '../components/phone.js';
import { hear, holdTab } from '../editor/tabs.js';
import { Rail } from './Rail.js';
import { SkipLinks } from './SkipLinks.js';
import styles from './Shell.module.css';
import { useFocusOnView } from './useFocusOnView.js';
import * as wording from './wording.js';

/** Keys are heard once the page stands. */
const Everywhere = later(async () => (await import('./Everywhere.js')).Everywhere);
/** A wide page has its rail. */
const BottomBar = later(async () => (await import('./BottomBar.js')).BottomBar);
const SignInPage = later(
  async () => (await import('../features/sign-in/SignInPage.js')).SignInPage,
);

const yes = () => true;

/** The frame of every view: session, rail, messages. Without a session, the sign-in. */
export function Shell() {
  const { data: session, error, refetch } = useSessionQuery();
  const [wasSignedIn, setWasSignedIn] = useState(false);
  const coach = session?.coach;
  if (coach && !wasSignedIn) setWasSignedIn(true);
  useRetryWhileAway(error, refetch);
  useNewDay(refetch);
  useTheme(coach?.settings.theme);
  const isPhone = useMediaQuery(PHONE);
  const isIdle = useWhenIdle(yes);
  useEffect(holdTab, []);
  const view = useRef<HTMLDivElement>(null);
  useFocusOnView(view);
  useEffect(
    () =>
      hear(({ kind }) => {
        if (kind === 'signed-out') openFreshPage(`/${SIGNED_OUT}`);
      }),
    [],
  );
  if (!session) {
    return (
      <main className="page" aria-busy={!error}>
        {error && 'kind' in error ? (
          <ErrorNote onRetry={() => void refetch()}>{errorSentence(error)}</ErrorNote>
        ) : (
          <Skeleton variant="rectangular" height={56} aria-label={wording.openingNadir} />
        )}
      </main>
    );
  }
  if (!coach) {
    return (
      <Suspense fallback={<main className="page">{wording.loading}</main>}>
        <SignInPage session={session} ranOut={wasSignedIn} />
      </Suspense>
    );
  }
  return (
    <SessionContext.Provider value={{ ...session, coach }}>
      <Messages>
        <div className={styles.shell}>
          <a className={styles.skip} href="#view">
            {wording.skipToTheView}
          </a>
          <Rail />
          <div ref={view} className={styles.view} id="view" tabIndex={-1}>
            <SkipLinks />
            <Outlet />
          </div>
          {isPhone && (
            <Suspense fallback={null}>
              <BottomBar />
            </Suspense>
          )}
        </div>
        {isIdle && (
          <Suspense fallback={null}>
            <Everywhere />
          </Suspense>
        )}
      </Messages>
    </SessionContext.Provider>
  );
}

/** The coach's own paper, or the device's. */
function useTheme(wished: 'system' | 'light' | 'dark' = 'system'): void {
  useEffect(() => {
    const { dataset } = document.documentElement;
    if (wished === 'system') delete dataset.theme;
    else dataset.theme = wished;
  }, [wished]);
}
