import OutlinedInput from '@mui/material/OutlinedInput';
import type { MoveRequest } from '@nadir/contract';
import { addDays, type CivilDate } from '@nadir/core/base';
import { dayWords } from '@nadir/core/base/format';
import { moveDay } from '@nadir/core/edit/week';
import { firstOpenDay, type Review } from '@nadir/core/review';
import { useState } from 'react';
import { useAnswerMoveRequestMutation, useMoveRequestsQuery } from '../../api/api.js';
import type { LaidAndShown } from '../../components/useLaidBlock.js';
import { KeptText } from '../../diary/Kept.js';
import type { DoneActs } from '../../diary/useDone.js';
import type { Commands } from '../../editor/useCommands.js';
import { useEditor } from '../../editor/useEditor.js';
import styles from './Diary.module.css';
import { OneProposal } from './OneProposal.js';
import * as wording from './wording.js';

/** Days of words that are shown beside the review. */
const WORDS_OF = 10;

/** What the athlete says and asks for on the page of their own: answered here. */
export function FromAthlete({
  review,
  base,
  acts,
  commands,
}: {
  review: Review;
  base: LaidAndShown;
  acts: DoneActs;
  commands: Commands;
}) {
  const athleteId = useEditor((editor) => editor.block?.athleteId) ?? '';
  const { data } = useMoveRequestsQuery(athleteId, {
    skip: athleteId === '',
    refetchOnMountOrArgChange: true,
  });
  // Those that the squad counts.
  const from = addDays(review.today, -1);
  const open = (data?.requests ?? []).filter(
    (request) => request.state === 'asked' && request.from >= from,
  );
  const said = review.days
    .slice(-WORDS_OF)
    .flatMap(({ day, entries }) =>
      entries.flatMap(({ place, words, answer }) =>
        words === undefined ? [] : [{ day, place, words, answer }],
      ),
    )
    .reverse();
  if (open.length === 0 && said.length === 0) return null;
  const name = base.block.spec.athlete.name.split(' ')[0] || wording.theAthlete;
  return (
    <section aria-label={wording.from(name)}>
      <h2 className="display">{wording.from(name)}</h2>
      {open.map((request) => (
        <Asked
          key={request.id}
          request={request}
          openFrom={firstOpenDay(review)}
          base={base}
          commands={commands}
        />
      ))}
      {said.map(({ day, place, words, answer = '' }) => (
        <div key={`${day.date} ${place}`} className={styles.proposal}>
          <p>
            <b>{dayWords(day.date)}</b>: “{words}”
          </p>
          <KeptText
            label={wording.yourReply}
            value={answer}
            onKeep={(text) => acts.change(day, place, { answer: text || undefined })}
          />
        </div>
      ))}
    </section>
  );
}

/** A day that is asked to be moved: drawn as it would be, moved or left, with a word of answer. */
function Asked({
  request,
  openFrom,
  base,
  commands,
}: {
  request: MoveRequest;
  /** The first day that can still be moved. */
  openFrom: CivilDate;
  base: LaidAndShown;
  commands: Commands;
}) {
  const { id, from, to, words } = request;
  const [answer, setAnswer] = useState('');
  const [tell] = useAnswerMoveRequestMutation();
  const isOver = from < openFrom || to < openFrom;
  const command = isOver ? wording.thatDayIsOver : moveDay(base.block, from, to);
  const reason = typeof command === 'string' ? command : undefined;
  const say = (state: 'moved' | 'left') =>
    void tell({ id, state, ...(answer.trim() !== '' && { answer }) });
  return (
    <OneProposal
      proposal={{
        key: id,
        title: wording.asksToMoveTo(dayWords(from), dayWords(to)),
        because: [words && `“${words}”`, reason].filter(Boolean).join(' '),
        command: typeof command === 'string' ? undefined : command,
      }}
      base={base}
      commands={commands}
      leave={wording.leaveItWhereItIs}
      onApply={() => say('moved')}
      onLeave={() => say('left')}
    >
      <OutlinedInput
        fullWidth
        placeholder={wording.replyOptional}
        value={answer}
        slotProps={{ input: { 'aria-label': wording.replyOptional, maxLength: 600 } }}
        onChange={({ target }) => setAnswer(target.value)}
      />
    </OneProposal>
  );
}
