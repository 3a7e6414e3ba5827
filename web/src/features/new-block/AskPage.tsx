import type { AthleteAnswer, BlockFile } from '@nadir/contract';
import type { CivilDate } from '@nadir/core/base';
import type { KeyboardEvent, ReactNode, SyntheticEvent } from 'react';
import { useSignedIn } from '../../api/session.js';
import { token } from '../../theme/tokens.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { TitleBlock } from '../../components/TitleBlock.js';
import { LivePreview } from './LivePreview.js';
import { Questions } from './Questions.js';
import type { useAsked } from './useAsked.js';

interface AskPageProps {
  title: string;
  detail: string;
  ask: ReturnType<typeof useAsked>;
  squad: readonly AthleteAnswer[];
  athleteId: string;
  onAthlete: (id: string) => void;
  /** What is wrong with the athlete’s name. */
  extraProblem: string | undefined;
  failure: string | undefined;
  onSubmit: (event: SyntheticEvent) => void;
  actions: ReactNode;
  /** The block as it stands, where one is changed: drawn dashed, and told apart. */
  before?: BlockFile | undefined;
  /** How a new race day is taken in; the block counts back again when left out. */
  onRaceDay?: ((date: CivilDate) => Partial<BlockFile>) | undefined;
}

/** Questions left, the block drawn live on the right. */
export function AskPage(props: AskPageProps) {
  const { ask, extraProblem } = props;
  const { today, coach } = useSignedIn();
  const { asked, answered, drawn, change } = ask;
  const { basis, unit } = answered.wishes.athlete;
  const shownUnit = coach.settings.unit === 'athlete' ? unit : coach.settings.unit;
  const problemAt = (...path: string[]) =>
    path.join('.') === 'athlete.name'
      ? extraProblem
      : answered.problems.find((problem) => problem.path.join('.') === path.join('.'))?.message;
  return (
    <form
      onSubmit={props.onSubmit}
      onKeyDown={confirmOnly}
      noValidate
      style={{ display: 'contents' }}
    >
      <TitleBlock title={props.title} detail={props.detail}>
        {props.actions}
      </TitleBlock>
      <div className="ask">
        <div className="questions" style={{ borderRight: `1px solid ${token('hairline')}` }}>
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
            onRaceDay={props.onRaceDay}
          />
        </div>
        <main tabIndex={0} aria-label="The block as asked for" style={{ minWidth: 0 }}>
          {answered.problems.length > 0 && (
            <ErrorNote>
              {answered.problems.map(({ message }) => message).join(' ')} The drawing shows the last
              block that could be laid out.
            </ErrorNote>
          )}
          {drawn && (
            <LivePreview
              wishes={drawn}
              before={props.before}
              stale={answered.problems.length > 0}
            />
          )}
        </main>
      </div>
    </form>
  );
}

/** Enter in a field confirms its figure and stays there; a block is kept by its button, or with Ctrl. */
function confirmOnly(event: KeyboardEvent<HTMLFormElement>): void {
  const { target, currentTarget } = event;
  const inField = target instanceof HTMLInputElement && target.type !== 'submit';
  if (event.key !== 'Enter' || !inField) return;
  event.preventDefault();
  if (event.ctrlKey || event.metaKey) currentTarget.requestSubmit();
}
