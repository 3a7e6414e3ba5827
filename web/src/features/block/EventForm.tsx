import Button from '@mui/material/Button';
import { addDays, type Unit } from '@nadir/core/base';
import { formatRace, formatRaceDistance, readDistance } from '@nadir/core/base/format';
import { rulesOf, ruleValue } from '@nadir/core/rules';
import type { Issue } from '@nadir/core/spec';
import {
  type BlockEvent,
  eventCharacters,
  type EventKind,
  eventKinds,
  testForms,
  testFormWords,
} from '@nadir/core/spec/days';
import { type SyntheticEvent, useState } from 'react';
import { useSignedIn } from '../../api/session.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { DateAnswer } from '../../components/DateAnswer.js';
import { Field } from '../../components/Field.js';
import { NumberAnswer } from '../../components/NumberAnswer.js';
import { TextAnswer } from '../../components/TextAnswer.js';
import type { LaidAndShown } from '../../components/useLaidBlock.js';
import styles from './EventList.module.css';
import { RaceAround } from './RaceAround.js';
import * as wording from './wording.js';

const USUAL_RACE = 10_000;
const kindChoices = eventKinds.map((kind) => [kind, eventCharacters[kind].title] as const);
const formChoices = testForms.map((form) => [form, testFormWords[form].title] as const);

/** A race, test or stay being asked for; drawn on the block while it is. */
export function EventForm({
  event,
  base,
  drawn,
  onShow,
  onKeep,
  onClose,
}: {
  event: BlockEvent | undefined;
  base: LaidAndShown;
  drawn: LaidAndShown;
  onShow: (event: BlockEvent) => Issue[];
  onKeep: (event: BlockEvent) => Issue[];
  onClose: () => void;
}) {
  const { today } = useSignedIn();
  const { block } = base;
  const { start, race, athlete } = block.spec;
  const last = athlete.results.findLast(({ kind }) => kind === 'test' || kind === 'time-trial');
  const [asked, setAsked] = useState<BlockEvent>(
    () =>
      event ?? {
        kind: 'tune-up-race',
        name: '',
        from: firstFree(today > start ? today : start, race.date),
        distance: USUAL_RACE,
      },
  );
  const [problem, setProblem] = useState<string>();
  const [distance, setDistance] = useState(() => distanceWords(asked.distance, athlete.unit));
  const read = readDistance(distance, athlete.unit);
  const { isRace, why, title } = eventCharacters[asked.kind];

  /** What is asked is drawn at once, with what stands in its way. */
  const set = (part: Partial<BlockEvent>) => {
    const next = { ...asked, ...part };
    setAsked(next);
    setProblem(onShow(complete(next))[0]?.message);
  };
  const usual = ruleValue(rulesOf(block.spec), `events.${asked.kind}`) ?? 1;

  /** What is no distance is said, and nothing is placed at another in its stead. */
  function typeDistance(text: string) {
    setDistance(text);
    const typed = readDistance(text, athlete.unit);
    if (typed.ok) set({ distance: typed.value });
  }

  function onSubmit(submitted: SyntheticEvent) {
    submitted.preventDefault();
    if (isRace && !read.ok) return;
    setProblem(onKeep(complete(asked))[0]?.message);
  }

  return (
    <form
      onSubmit={onSubmit}
      noValidate
      className={styles.form}
      aria-label={wording.aRaceOrDaysAway}
    >
      <Field label={wording.what}>
        {(ids) => (
          <ChoiceAnswer
            {...ids}
            value={asked.kind}
            choices={kindChoices}
            onAnswer={(kind) =>
              set({ kind, running: undefined, distance: distanceOf(kind, asked.distance) })
            }
          />
        )}
      </Field>
      <Field label={wording.name}>
        {(ids) => (
          <TextAnswer
            {...ids}
            width="100%"
            value={asked.name}
            given
            placeholder={title}
            onAnswer={(name) => set({ name: name.slice(0, 120) })}
          />
        )}
      </Field>
      <Field label={isRace ? wording.on : wording.from}>
        {(ids) => <DateAnswer {...ids} value={asked.from} onAnswer={(from) => set({ from })} />}
      </Field>
      {!isRace && (
        <>
          <Field label={wording.to}>
            {(ids) => (
              <DateAnswer {...ids} value={asked.to ?? asked.from} onAnswer={(to) => set({ to })} />
            )}
          </Field>
          <NumberAnswer
            label={wording.running}
            because={wording.ofWhatTheseDaysWouldHold}
            value={Math.round((asked.running ?? usual) * 100)}
            given={asked.running !== undefined}
            least={0}
            most={150}
            after="%"
            onAnswer={(percent) =>
              set({ running: percent === undefined ? undefined : percent / 100 })
            }
          />
        </>
      )}
      {asked.kind === 'test' && (
        <Field label={wording.form} because={testFormWords[asked.form ?? 'time-trial'].why}>
          {(ids) => (
            <ChoiceAnswer
              {...ids}
              value={asked.form ?? 'time-trial'}
              choices={formChoices}
              closed={last ? [] : ['repeat']}
              // A repeat is over the distance of the last one.
              onAnswer={(form) => {
                const repeated = form === 'repeat' && last ? last.distance : undefined;
                if (repeated !== undefined) setDistance(distanceWords(repeated, athlete.unit));
                set({ form, ...(repeated !== undefined && { distance: repeated }) });
              }}
            />
          )}
        </Field>
      )}
      {isRace && (
        <>
          <Field
            label={wording.distance}
            because={read.ok ? `${capital(formatRace(read.value, athlete.unit))}.` : undefined}
            problem={read.ok ? undefined : read.problem}
          >
            {(ids) => (
              <TextAnswer
                {...ids}
                value={distance}
                given
                wrong={!read.ok}
                onAnswer={typeDistance}
              />
            )}
          </Field>
          <Field label={wording.longRun}>
            {(ids) => (
              <ChoiceAnswer
                {...ids}
                value={longRunChoiceOf(asked)}
                choices={longRunChoices}
                onAnswer={(choice) =>
                  set({ isLongRun: choice === 'rule' ? undefined : choice === 'is' })
                }
              />
            )}
          </Field>
        </>
      )}
      <p
        className={`${styles.said ?? ''} ${problem ? 'grave' : 'muted'}`}
        role={problem ? 'alert' : undefined}
      >
        {problem ?? why}
      </p>
      {isRace && !problem && drawn !== base && (
        <RaceAround base={base} drawn={drawn} event={complete(asked)} />
      )}
      <div className={styles.acts}>
        <Button type="submit" variant="outlined">
          {event ? wording.keepTheChange : wording.add}
        </Button>
        <Button onClick={onClose}>{wording.cancel}</Button>
      </div>
    </form>
  );
}

/** Whether a race or test stands for the long run of its week. */
const longRunChoices = [
  ['rule', wording.byItsDistance],
  ['is', wording.thisIsTheWeeksLongRun],
  ['beside', wording.aLongRunAsWell],
] as const;

function longRunChoiceOf({ isLongRun }: BlockEvent): (typeof longRunChoices)[number][0] {
  if (isLongRun === undefined) return 'rule';
  return isLongRun ? 'is' : 'beside';
}

/** Nothing that belongs to another kind of event goes along; a name is worked out. */
function complete(asked: BlockEvent): BlockEvent {
  const { kind, name, from, to, distance, form, running, isLongRun } = asked;
  const { isRace, title } = eventCharacters[kind];
  return {
    kind,
    name: name.trim() || title,
    from,
    ...(kind === 'test' && { form: form ?? 'time-trial' }),
    ...(isRace
      ? { distance, ...(isLongRun !== undefined && { isLongRun }) }
      : { to: to ?? from, ...(running !== undefined && { running }) }),
  };
}

/** A distance as it can be typed again; an odd one in metres, so that nothing of it is lost. */
function distanceWords(metres: number | undefined, unit: Unit): string {
  const words = formatRaceDistance(metres ?? USUAL_RACE, unit).replace(/^1 mile$/, '1 mi');
  const again = readDistance(words, unit);
  return again.ok && again.value === metres ? words : `${metres ?? USUAL_RACE} m`;
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

function distanceOf(kind: EventKind, known: number | undefined): number | undefined {
  return eventCharacters[kind].isRace ? (known ?? USUAL_RACE) : undefined;
}

/** Three weeks on, or the day before the race where that is sooner. */
function firstFree(from: string, race: string): string {
  const wished = addDays(from, 21);
  return wished < race ? wished : addDays(race, -1);
}
