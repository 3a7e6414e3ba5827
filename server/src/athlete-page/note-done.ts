import type { ChangeRecordBody, KeptEntry, SentDone, SentEntry } from '@nadir/contract';
import type { RunEntry } from '@nadir/core/record';

/** What is to be kept of what an athlete noted, and what is said of what is not. */
export interface Noted {
  keep: ChangeRecordBody['keep'];
  said: string;
}

/**
 * Works out what of a note is kept beside what stands. What the athlete noted before is
 * written anew; what the coach or a watch recorded stays, and is given what it lacks: how
 * hard it was, the repetitions, and the athlete’s own words.
 */
export function noteDone({ date, entries }: SentDone, standing: readonly KeptEntry[]): Noted {
  let kept = '';
  const keep = entries.map((sent) => {
    const there = standing.find(({ place }) => place === sent.place);
    if (!there || there.source === 'athlete') return written(date, sent, there);
    if (differs(sent, there)) {
      kept = 'Your coach already has this run. Your effort and words were added to it.';
    }
    return { revision: there.revision, entry: completed(there, sent) };
  });
  return { keep, said: kept };
}

/**
 * As the athlete notes it; what the coach answered and put beside it stays. Without a
 * revision it is a second word on what is still on its way from the same phone.
 */
function written(
  date: string,
  { revision, ...sent }: SentEntry,
  there: KeptEntry | undefined,
): Noted['keep'][number] {
  const { note, answer, weather, fuel, start } = there ?? {};
  return {
    revision: revision ?? there?.revision ?? null,
    entry: { ...{ note, answer, weather, fuel, start }, ...sent, date, source: 'athlete' },
  };
}

function completed({ revision: _, ...there }: KeptEntry, sent: SentEntry): RunEntry {
  if (there.kind === 'missed') return { ...there, words: sent.words ?? there.words };
  return {
    ...there,
    effort: there.effort ?? sent.effort,
    reps: there.reps ?? sent.reps,
    words: sent.words ?? there.words,
  };
}

/** Nearer than this, metres and seconds, is the same run told twice. */
const NEAR = { distance: 50, time: 30 };

function differs(sent: SentEntry, there: KeptEntry): boolean {
  const apart = (key: keyof typeof NEAR) =>
    sent[key] !== undefined && Math.abs(sent[key] - (there[key] ?? 0)) > NEAR[key];
  return sent.kind !== there.kind || apart('distance') || apart('time');
}
