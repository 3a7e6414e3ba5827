import type { ChangeRecordBody, KeptEntry, RecordChanged } from '@nadir/contract';
import { addDays } from '@nadir/core/base';
import { layOut } from '@nadir/core';
import { cleanup, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { useRecord, WithRecord } from '../components/record.js';
import { type Answers, renderPage } from '../testing/render-page.js';
import { DayDetails } from './DayDetails.js';
import { DoneText } from './DoneText.js';
import { useDone } from './useDone.js';

const ATHLETE = '7f2c1f0e-3c39-4c86-9d6e-0d2f4c2b8a12';
const RACE = '2027-04-18';
const query = `from=${addDays(RACE, -217)}&to=${addDays(RACE, 14)}`;
const PATH = `/api/athletes/${ATHLETE}/record`;
const block = layOut({
  race: { name: 'Lantern Bay Marathon', date: RACE, distance: 42_195 },
  weeks: 16,
  athlete: { recentWeeks: [50_000, 52_000] },
});
const day = block.weeks[3]?.days.find(({ role }) => role === 'easy');
if (!day) throw new Error('The fourth week has an easy day.');
const measure = { ...block.spec.athlete, step: 1 } as const;
const today = { ...day, date: '2027-02-10' };

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

/** A server that keeps what it is sent, each under a revision one higher. */
function server(entries: KeptEntry[] = []): Answers {
  const answer = ({ keep, remove, mornings }: ChangeRecordBody): RecordChanged => ({
    entries: keep.map(({ revision, entry }) => ({ ...entry, revision: (revision ?? 0) + 1 })),
    removed: remove.map((each) => ({ ...each, revision: each.revision + 1 })),
    mornings: mornings.map(({ revision, morning }) => ({
      ...morning,
      revision: (revision ?? 0) + 1,
    })),
    reviews: [],
  });
  return {
    [`GET ${PATH}?${query}`]: () => ({ entries, mornings: [], reviews: [] }),
    [`PUT ${PATH}`]: (sent) => answer(sent as ChangeRecordBody),
  };
}

function Diary({ details = false }: { details?: boolean }) {
  const acts = useDone(measure);
  return (
    <>
      <DoneText day={today} measure={measure} acts={acts} />
      <button type="button" onClick={() => acts.keepAsPlanned([today], 'the day')}>
        as planned
      </button>
      {details && <DayDetails day={today} acts={acts} />}
    </>
  );
}

function show(answers: Answers, details = false) {
  const page = renderPage(
    <WithRecord athleteId={ATHLETE} raceOn={RACE}>
      <Diary details={details} />
    </WithRecord>,
    { answers },
  );
  const write = async (text: string) => {
    await page.user.click(screen.getByRole('button', { name: /^Done on Wed 10 Feb/ }));
    await page.user.clear(screen.getByRole('textbox', { name: /^What was done/ }));
    await page.user.type(screen.getByRole('textbox', { name: /^What was done/ }), `${text}{Enter}`);
  };
  return { ...page, write, sent: () => page.sentTo(`PUT ${PATH}`) as ChangeRecordBody[] };
}

it('a diary that turns out to hold nothing changes nothing that is drawn', async () => {
  const seen = new Set<unknown>();
  let isAnswered = false;
  function Watching() {
    const { entries, mornings, reviews } = useRecord();
    for (const each of [entries, mornings, reviews]) seen.add(each);
    return <p>watching</p>;
  }
  const answer = server()[`GET ${PATH}?${query}`];
  renderPage(
    <WithRecord athleteId={ATHLETE} raceOn={RACE}>
      <Watching />
    </WithRecord>,
    {
      answers: {
        [`GET ${PATH}?${query}`]: (sent) => {
          isAnswered = true;
          return answer?.(sent);
        },
      },
    },
  );
  await waitFor(() => expect(isAnswered).toBe(true));
  // Time enough for the answer to be drawn.
  await new Promise((resolve) => setTimeout(resolve, 100));
  expect(seen.size).toBe(3);
});

const done = (words: RegExp) => screen.findByRole('button', { name: words });
const said = (words: string) => screen.findByText(words);

describe('a day of the diary', () => {
  it('is written where it stands, and written over on the revision it had', async () => {
    const { write, sent } = show(server());
    await done(/not recorded/);
    await write('8 40:00');
    await done(/8 km, 5:00/);
    await write('9 45:00, effort 4');
    await done(/9 km, 5:00 \/km, effort 4/);
    expect(sent().map(({ keep }) => keep[0]?.revision)).toEqual([null, 1]);
    expect(sent()[1]?.keep[0]?.entry).toMatchObject({ distance: 9000, time: 2700, effort: 4 });
  });

  it('is taken back when it is emptied, and the Undo puts it back', async () => {
    const kept = { date: today.date, place: 0, kind: 'run' as const, distance: 8000, revision: 4 };
    const { write, sent, user } = show(server([kept]));
    await done(/8 km/);
    await write(' ');
    await said('Took back what was recorded of Wed 10 Feb.');
    expect(sent()[0]?.remove).toEqual([{ date: today.date, place: 0, revision: 4 }]);
    await user.click(screen.getByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(sent()).toHaveLength(2));
    expect(sent()[1]?.keep[0]).toMatchObject({ revision: 5, entry: { distance: 8000 } });
  });

  it('that cannot be read keeps what is typed, and sends nothing', async () => {
    const { write, sent } = show(server());
    await done(/not recorded/);
    await write('quick');
    await screen.findByText(/says nothing about a run/);
    expect(screen.getByDisplayValue('quick')).toBeTruthy();
    expect(sent()).toEqual([]);
  });

  it('is as planned in one act, and not twice', async () => {
    const { sent, user } = show(server());
    await done(/not recorded/);
    await user.click(screen.getByRole('button', { name: 'as planned' }));
    await said('Recorded the day as planned.');
    expect(sent()[0]?.keep.map(({ entry }) => entry.distance)).toEqual(
      day.sessions.map(({ distance }) => Math.round(distance)),
    );
    await user.click(screen.getByRole('button', { name: 'as planned' }));
    await said('There is nothing left to record of the day.');
    expect(sent()).toHaveLength(1);
  });

  it('says that nothing was kept where the server does not answer', async () => {
    const { [`PUT ${PATH}`]: _, ...reading } = server();
    const { write } = show(reading);
    await done(/not recorded/);
    await write('8 40:00');
    await screen.findByText(/nothing of this was kept/);
    expect(screen.getByRole('button', { name: /not recorded/ })).toBeTruthy();
  });

  it('has details: two changed one after the other are both kept, on the newer revision', async () => {
    const kept = { date: today.date, place: 0, kind: 'run' as const, distance: 8000, revision: 1 };
    const { sent, user } = show(server([kept]), true);
    await done(/8 km/);
    await user.type(screen.getByRole('textbox', { name: 'Effort' }), '6{Enter}');
    await user.type(screen.getByRole('textbox', { name: 'Weather' }), 'icy, 2 °C{Enter}');
    await screen.findByText(/^Ice: nothing quick/);
    expect(sent().map(({ keep }) => keep[0]?.revision)).toEqual([1, 2]);
    expect(sent()[1]?.keep[0]?.entry).toMatchObject({ effort: 6, weather: 'icy, 2 °C' });
  });

  it('refuses an effort of twelve and repetitions that are none, in words', async () => {
    const kept = { date: today.date, place: 0, kind: 'run' as const, distance: 8000, revision: 1 };
    const { sent, user } = show(server([kept]), true);
    await done(/8 km/);
    await user.type(screen.getByRole('textbox', { name: 'Effort' }), '12{Enter}');
    await screen.findByText(/a whole number from 1 to 10 is needed/);
    await user.type(screen.getByRole('textbox', { name: 'Repetitions' }), '1:75{Enter}');
    await screen.findByText(/75 seconds are more than a minute has/);
    expect(sent()).toEqual([]);
  });

  it('keeps how the morning was in a change of its own', async () => {
    const { sent, user } = show(server(), true);
    await user.type(await screen.findByRole('textbox', { name: 'Sore' }), 'left calf{Enter}');
    await screen.findByRole('textbox', { name: 'How much' });
    await user.click(screen.getByRole('checkbox', { name: 'It changes the stride' }));
    await waitFor(() => expect(sent()).toHaveLength(2));
    expect(sent()[1]).toMatchObject({
      keep: [],
      mornings: [
        { revision: 1, morning: { sore: { where: 'left calf', level: 3, stride: true } } },
      ],
    });
  });
});
