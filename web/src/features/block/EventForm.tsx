import Button from '@mui/material/Button';
import { formatRace } from '@nadir/core/base/format';
import { rulesOf, ruleValue } from '@nadir/core/rules';
import type { Issue } from '@nadir/core/spec';
import {
  type BlockEvent,
  eventCharacters,
  eventKinds,
  testForms,
  testFormWords,
} from '@nadir/core/spec/days';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { useSignedIn } from '../../api/session.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { DateAnswer } from '../../components/DateAnswer.js';
import { distanceWords } from '../../components/distance-words.js';
import { Field } from '../../components/Field.js';
import { NumberAnswer } from '../../components/NumberAnswer.js';
import { TextAnswer } from '../../components/TextAnswer.js';
import { Tick } from '../../components/Tick.js';
import { goesToUnread } from '../../components/unread.js';
import type { LaidAndShown } from '../../components/useLaidBlock.js';
import { type EventDraft, eventDraft, eventResolver, readEventDraft } from './event-draft.js';
import styles from './EventList.module.css';
import { RaceAround } from './RaceAround.js';
import * as wording from './wording.js';

const kindChoices = eventKinds.map((kind) => [kind, eventCharacters[kind].title] as const);
const formChoices = testForms.map((form) => [form, testFormWords[form].title] as const);

/** A race, test or stay being asked for; drawn on the block while it is. */
export function EventForm({
  event,
  base,
  drawn,
  isWritten,
  onShow,
  onKeep,
  onClose,
}: {
  event: BlockEvent | undefined;
  base: LaidAndShown;
  drawn: LaidAndShown;
  /** Whether the coach wrote something that would give way to it. */
  isWritten: (event: BlockEvent) => boolean;
  onShow: (event: BlockEvent, makesRoom: boolean) => Issue[];
  onKeep: (event: BlockEvent, makesRoom: boolean) => Issue[];
  onClose: () => void;
}) {
  const { today } = useSignedIn();
  const { block } = base;
  const { start, race, athlete } = block.spec;
  const last = athlete.results.findLast(({ kind }) => kind === 'test' || kind === 'time-trial');
  const form = useForm({
    defaultValues: eventDraft(event, {
      from: today > start ? today : start,
      race: race.date,
      unit: athlete.unit,
    }),
    resolver: eventResolver(athlete.unit),
  });
  const { control, getValues, handleSubmit, setValues } = form;
  const draft = useWatch({ control, compute: (values: EventDraft) => values });
  const [problem, setProblem] = useState<string>();
  const [makesRoom, setMakesRoom] = useState(true);
  const read = readEventDraft(draft, athlete.unit);
  const unreadable = 'problem' in read ? read.problem : undefined;
  const { isRace, why, title } = eventCharacters[draft.kind];
  const usual = ruleValue(rulesOf(block.spec), `events.${draft.kind}`) ?? 1;

  /** What is asked is drawn at once, with what stands in its way. */
  function set(part: Partial<EventDraft>) {
    setValues(part);
    const next = readEventDraft({ ...getValues(), ...part }, athlete.unit);
    if ('event' in next) setProblem(onShow(next.event, makesRoom)[0]?.message);
  }

  const keep = handleSubmit((asked) => setProblem(onKeep(asked, makesRoom)[0]?.message));

  return (
    <form
      onSubmit={(submitted) => {
        submitted.preventDefault();
        if (!goesToUnread(submitted.currentTarget)) void keep(submitted);
      }}
      noValidate
      className={styles.form}
      aria-label={wording.aRaceOrDaysAway}
    >
      <Field label={wording.what}>
        {(ids) => (
          <ChoiceAnswer
            {...ids}
            value={draft.kind}
            choices={kindChoices}
            // How much is run on its days is of its kind.
            onAnswer={(kind) => set({ kind, running: undefined })}
          />
        )}
      </Field>
      <Field label={wording.name}>
        {(ids) => (
          <TextAnswer
            {...ids}
            width="100%"
            value={draft.name}
            given
            longest={120}
            placeholder={title}
            onAnswer={(name) => set({ name })}
          />
        )}
      </Field>
      <Field label={isRace ? wording.on : wording.from}>
        {(ids) => <DateAnswer {...ids} value={draft.from} onAnswer={(from) => set({ from })} />}
      </Field>
      {!isRace && (
        <>
          <Field label={wording.to}>
            {(ids) => (
              <DateAnswer {...ids} value={draft.to ?? draft.from} onAnswer={(to) => set({ to })} />
            )}
          </Field>
          <NumberAnswer
            label={wording.running}
            because={wording.ofWhatTheseDaysWouldHold}
            value={Math.round((draft.running ?? usual) * 100)}
            given={draft.running !== undefined}
            least={0}
            most={150}
            after="%"
            onAnswer={(percent) =>
              set({ running: percent === undefined ? undefined : percent / 100 })
            }
          />
        </>
      )}
      {draft.kind === 'test' && (
        <Field label={wording.form} because={testFormWords[draft.form ?? 'time-trial'].why}>
          {(ids) => (
            <ChoiceAnswer
              {...ids}
              value={draft.form ?? 'time-trial'}
              choices={formChoices}
              closed={last ? [] : ['repeat']}
              // A repeat is over the distance of the last one.
              onAnswer={(chosen) =>
                set({
                  form: chosen,
                  ...(chosen === 'repeat' &&
                    last && { distance: distanceWords(last.distance, athlete.unit) }),
                })
              }
            />
          )}
        </Field>
      )}
      {isRace && (
        <>
          <Field
            label={wording.distance}
            because={
              'event' in read && read.event.distance !== undefined
                ? `${capital(formatRace(read.event.distance, athlete.unit))}.`
                : undefined
            }
            problem={unreadable}
          >
            {(ids) => (
              <TextAnswer
                {...ids}
                value={draft.distance}
                given
                wrong={unreadable !== undefined}
                onAnswer={(distance) => set({ distance })}
              />
            )}
          </Field>
          <Field label={wording.longRun}>
            {(ids) => (
              <ChoiceAnswer
                {...ids}
                value={longRunChoiceOf(draft)}
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
      {'event' in read && isWritten(read.event) && (
        <Tick
          label={wording.whatIWroteGivesWay}
          checked={makesRoom}
          onAnswer={(gives) => {
            setMakesRoom(gives);
            setProblem(onShow(read.event, gives)[0]?.message);
          }}
        />
      )}
      {isRace && 'event' in read && !problem && drawn !== base && (
        <RaceAround base={base} drawn={drawn} event={read.event} />
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

function longRunChoiceOf({ isLongRun }: EventDraft): (typeof longRunChoices)[number][0] {
  if (isLongRun === undefined) return 'rule';
  return isLongRun ? 'is' : 'beside';
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
