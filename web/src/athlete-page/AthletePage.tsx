import Button from '@mui/material/Button';
import type { CivilDate } from '@nadir/core/base';
import { useEffect, useState } from 'react';
import { formatDay, formatClock } from '../components/dates.js';
import styles from './AthletePage.module.css';
import { BlockView } from './BlockView.js';
import { DayDone } from './DayDone.js';
import { dayNoted } from './day-noted.js';
import { NotTaken } from './NotTaken.js';
import { PacesView } from './PacesView.js';
import { PageHead } from './PageHead.js';
import { TodayView } from './TodayView.js';
import { isAway } from './link-calls.js';
import { type Linked, useLinked } from './useLinked.js';
import { useToday } from './useToday.js';
import * as wording from './wording.js';

const VIEWS = [
  ['today', wording.today],
  ['block', wording.wholeBlock],
  ['paces', wording.paces],
] as const;
type View = (typeof VIEWS)[number][0];

const WITHOUT_A_BLOCK = { unit: 'km', basis: 'distance', step: 1 } as const;

/** An athlete’s own page: read from the device first, so that it is there offline. */
export function AthletePage({ link }: { link: string }) {
  const linked = useLinked(link);
  const { kept, ended, line } = linked;
  if (ended !== undefined) return <Ended linked={linked} words={ended} />;
  if (!kept) {
    return (
      <main className={styles.page}>
        <section className={styles.part} aria-busy={line === 'reading'}>
          <p>{isAway(line) ? wording.notHereYet[line] : wording.openingYourPage}</p>
        </section>
      </main>
    );
  }
  return <ReadPage linked={{ ...linked, kept }} />;
}

function ReadPage({ linked }: { linked: Linked & { kept: NonNullable<Linked['kept']> } }) {
  const { kept, waiting, said } = linked;
  const { page } = kept;
  const { block } = page;
  const today = useToday(page.daysAhead);
  const [view, setView] = useState<View>('today');
  const [chosen, setChosen] = useState<CivilDate>();
  useEffect(() => {
    document.title = wording.training(page.athlete);
  }, [page.athlete]);
  const note = (body: Parameters<Linked['note']>[0]) => void linked.note(body);
  const open = (date: CivilDate) => {
    setChosen(date === today ? undefined : date);
    setView('today');
    window.scrollTo({ top: 0 });
  };
  // Offline the server cannot say so.
  if (page.ends < today) {
    return <Ended linked={linked} words={wording.itsLastDay(formatDay(page.ends), page.coach)} />;
  }
  const refused = waiting.filter((each) => each.refused !== undefined);
  return (
    <div className={styles.page}>
      <PageHead page={page} today={today} />
      <LineState linked={linked} />
      <NotTaken
        waiting={refused}
        onAgain={(id) => void linked.tryAgain(id)}
        onLetGo={(id) => void linked.letGo(id)}
      />
      {said !== '' && (
        <p className={styles.line} role="status">
          {said}
        </p>
      )}
      <main>
        {!block && (
          <section className={styles.part}>
            <h2 className="display">{wording.noBlockYet}</h2>
            <p>{wording.yourNextOneIsShownHere(page.coach)}</p>
            <DayDone
              day={undefined}
              date={today}
              noted={dayNoted(page, waiting, today)}
              measure={WITHOUT_A_BLOCK}
              coach={page.coach}
              onNote={note}
            />
          </section>
        )}
        {block && view === 'today' && (
          <TodayView
            page={page}
            block={block}
            waiting={waiting}
            today={today}
            chosen={chosen ?? today}
            onChoose={open}
            onNote={note}
          />
        )}
        {block && view === 'block' && <BlockView block={block} today={today} onChoose={open} />}
        {block && view === 'paces' && <PacesView block={block} />}
      </main>
      {block && (
        <nav className={styles.places} aria-label={wording.views}>
          {VIEWS.map(([key, label]) => (
            <Button
              key={key}
              aria-current={view === key ? 'page' : undefined}
              onClick={() => {
                if (key === 'today') setChosen(undefined);
                setView(key);
                window.scrollTo({ top: 0 });
              }}
            >
              {label}
            </Button>
          ))}
        </nav>
      )}
    </div>
  );
}

/** Whether there is a line, and what waits for one. */
function LineState({ linked: { line, kept, waiting } }: { linked: Linked }) {
  const unsent = waiting.filter(({ refused }) => refused === undefined).length;
  if (line === 'here' && unsent === 0) return null;
  const readAt = kept
    ? wording.updated(formatDay(kept.readAt.slice(0, 10)), formatClock(kept.readAt))
    : '';
  return (
    <p className={styles.line} role="status">
      {isAway(line) && unsent === 0 && wording.away(line, readAt)}
      {isAway(line) && unsent > 0 && wording.awaySavedOnThisDeviceWillSync(line, readAt)}
      {!isAway(line) && unsent > 0 && wording.sendingNotes(unsent)}
      {line === 'reading' && unsent === 0 && wording.checkingForChanges}
    </p>
  );
}

/** The link opens nothing any more: what was shown is gone, what was not sent is still here. */
function Ended({ linked: { waiting, letGo }, words }: { linked: Linked; words: string }) {
  return (
    <main className={styles.page}>
      <section className={styles.part}>
        <h1 className="display">{wording.thisPageIsClosed}</h1>
        <p>{words}</p>
        {waiting.length > 0 && <p>{wording.whatYouNotedAndHasNotBeen}</p>}
      </section>
      <NotTaken waiting={waiting} onAgain={undefined} onLetGo={(id) => void letGo(id)} />
    </main>
  );
}
