import type { AthleteAnswer, BlockFile } from '@nadir/contract';
import {
  type KeyboardEvent,
  type ReactNode,
  type SyntheticEvent,
  useEffect,
  useRef,
  useState,
} from 'react';
import { useSignedIn } from '../../api/session.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { TitleBlock } from '../../components/TitleBlock.js';
import styles from './Ask.module.css';
import { LivePreview } from './LivePreview.js';
import { Questions } from './Questions.js';
import type { Topic } from './topics.js';
import type { useAsked } from './useAsked.js';
import type { RaceDayMove } from './useRaceDay.js';
import * as wording from './wording.js';

interface AskPageProps {
  title: string;
  detail: string;
  ask: ReturnType<typeof useAsked>;
  squad: readonly AthleteAnswer[];
  athleteId: string;
  onAthlete: (id: string) => void;
  failure: string | undefined;
  /** The block that is asked for, with what was worked out, is to be kept. */
  onKeep: (wishes: BlockFile) => void | Promise<void>;
  actions: ReactNode;
  /** The block as it stands, where one is changed: drawn dashed, and told apart. */
  before?: BlockFile | undefined;
  /** How a new race day is taken in; the block counts back again when left out. */
  raceDay?: RaceDayMove | undefined;
}

/** Questions left, the block drawn live on the right. */
export function AskPage(props: AskPageProps) {
  const { ask } = props;
  const { today, coach } = useSignedIn();
  const { asked, answered, drawn, change } = ask;
  const { basis, unit } = answered.wishes.athlete;
  const shownUnit = coach.settings.unit === 'athlete' ? unit : coach.settings.unit;
  const problemAt = (...path: string[]) =>
    path.join('.') === 'athlete.name'
      ? ask.nameProblem
      : answered.problems.find((problem) => problem.path.join('.') === path.join('.'))?.message;
  const [topic, setTopic] = useState<Topic>();
  const form = useRef<HTMLFormElement>(null);
  // A new block begins with being written.
  const isNew = props.before === undefined;
  useEffect(() => {
    if (isNew) form.current?.querySelector('input')?.focus();
  }, [isNew]);
  const keep = ask.handleSubmit(props.onKeep);

  /** What was typed and cannot be read is set right first, for nothing is dropped in silence. */
  function onSubmit(event: SyntheticEvent) {
    const unread = form.current?.querySelector<HTMLElement>('input[aria-invalid="true"]');
    if (!unread) return void keep(event);
    event.preventDefault();
    unread.focus();
  }

  return (
    <form ref={form} onSubmit={onSubmit} onKeyDown={onKeyDown} noValidate className={styles.form}>
      <TitleBlock title={props.title} detail={props.detail}>
        {props.actions}
      </TitleBlock>
      <div className={styles.ask}>
        <section className={styles.questions} aria-label={wording.answers}>
          {props.failure && <ErrorNote>{props.failure}</ErrorNote>}
          <Questions
            asked={asked}
            file={drawn ?? asked}
            wishes={answered.wishes}
            reasons={answered.reasons}
            measure={{ basis, unit: shownUnit, step: 0.1 }}
            today={today}
            change={change}
            problemAt={problemAt}
            squad={props.squad}
            athleteId={props.athleteId}
            onAthlete={props.onAthlete}
            raceDay={props.raceDay}
            topic={topic}
            onTopic={setTopic}
          />
        </section>
        <main className={styles.main} tabIndex={0} aria-label={wording.theBlock}>
          {answered.problems.length > 0 && (
            <ErrorNote>
              {wording.theDrawingShowsTheLastBlock(
                answered.problems.map(({ message }) => message).join(' '),
              )}
            </ErrorNote>
          )}
          {drawn && (
            <LivePreview
              wishes={drawn}
              before={props.before}
              stale={answered.problems.length > 0}
              topic={topic}
              reasons={answered.reasons}
            />
          )}
        </main>
      </div>
    </form>
  );
}

/** Enter goes on to the next answer; with Ctrl it keeps. Nothing is kept by leaving. */
function onKeyDown(event: KeyboardEvent<HTMLFormElement>): void {
  const { target, currentTarget } = event;
  if (event.key !== 'Enter') return;
  if (event.ctrlKey || event.metaKey) {
    event.preventDefault();
    currentTarget.requestSubmit();
    return;
  }
  const goesOn = target instanceof HTMLInputElement || target instanceof HTMLSelectElement;
  if (!goesOn) return;
  event.preventDefault();
  const answers = [
    ...currentTarget.querySelectorAll<HTMLElement>(
      `.${styles.questions ?? ''} :is(input, select, .MuiAccordionSummary-root, [aria-expanded])`,
    ),
  ].filter((each) => each.tabIndex >= 0);
  answers[answers.indexOf(target) + 1]?.focus();
}
