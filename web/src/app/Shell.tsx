import { ThemeProvider } from '@mui/material/styles';
import useMediaQuery from '@mui/material/useMediaQuery';
import type { Session } from '@nadir/contract';
import { type ReactNode, Suspense, lazy, useEffect, useMemo, useState } from 'react';
import { Outlet } from 'react-router';
import { errorSentence, useSessionQuery } from '../api/api.js';
import { SIGNED_OUT, openFreshPage } from '../api/fresh-page.js';
import { SessionContext } from '../api/session.js';
import { useNewDay } from '../api/useNewDay.js';
import { useRetryWhileAway } from '../api/useRetryWhileAway.js';
import { hear, holdTab } from '../editor/tabs.js';
import { GlobalLook } from '../theme/GlobalLook.js';
import { createNadirTheme } from '../theme/theme.js';
import { ErrorNote } from '../components/ErrorNote.js';
import { Rail } from './Rail.js';

const SignInPage = lazy(async () => ({
  default: (await import('../features/sign-in/SignInPage.js')).SignInPage,
}));

/** The frame of every view: theme, session, rail. Without a session, the sign-in. */
export function Shell() {
  const { data: session, error, refetch } = useSessionQuery();
  const [wasSignedIn, setWasSignedIn] = useState(false);
  if (session?.coach && !wasSignedIn) setWasSignedIn(true);
  useRetryWhileAway(error, refetch);
  useNewDay(refetch);
  useEffect(holdTab, []);
  useEffect(
    () =>
      hear(({ kind }) => {
        if (kind === 'signed-out') openFreshPage(`/${SIGNED_OUT}`);
      }),
    [],
  );
  return <Themed session={session}>{content()}</Themed>;

  function content() {
    if (!session) {
      return (
        <main className="page" aria-busy={!error}>
          {error && 'kind' in error ? (
            <ErrorNote onRetry={() => void refetch()}>{errorSentence(error)}</ErrorNote>
          ) : (
            'Opening Nadir …'
          )}
        </main>
      );
    }
    const { coach } = session;
    if (!coach) {
      return (
        <Suspense fallback={<main className="page">Loading …</main>}>
          <SignInPage session={session} ranOut={wasSignedIn} />
        </Suspense>
      );
    }
    return (
      <SessionContext.Provider value={{ ...session, coach }}>
        <div className="shell">
          <Rail />
          <div className="view">
            {session.demo && (
              <div className="notice" role="note">
                Demo: you are signed in as {coach.name} without a password. Everyone here is
                invented; change what you like.
              </div>
            )}
            <Outlet />
          </div>
        </div>
      </SessionContext.Provider>
    );
  }
}

function Themed({ session, children }: { session: Session | undefined; children: ReactNode }) {
  const prefersDark = useMediaQuery('(prefers-color-scheme: dark)');
  const wished = session?.coach?.settings.theme ?? 'system';
  const mode = wished === 'system' ? (prefersDark ? 'dark' : 'light') : wished;
  const theme = useMemo(() => createNadirTheme(mode), [mode]);
  return (
    <ThemeProvider theme={theme}>
      <GlobalLook mode={mode} />
      {children}
    </ThemeProvider>
  );
}
