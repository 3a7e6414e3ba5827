import Button from '@mui/material/Button';
import type { LinkBody } from '@nadir/contract';
import { isUnder18 } from '@nadir/core/spec';
import { useState } from 'react';
import { useAthleteLinkQuery, useChangeAthleteLinkMutation } from '../../api/api.js';
import { callError, errorSentence } from '../../api/call-error.js';
import { DateAnswer } from '../../components/DateAnswer.js';
import { formatDay } from '../../components/dates.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { Field } from '../../components/Field.js';
import { useCopy } from '../../components/useCopy.js';
import type { LaidAndShown } from '../../components/useLaidBlock.js';
import { useEditor } from '../../editor/useEditor.js';
import styles from './Handouts.module.css';
import * as wording from './wording.js';

/** Squares of paper about a code, without which no camera finds it. */
const QUIET = 4;

/** The page the athlete has on the phone: its secret link, as words and as a code for a camera. */
export function AthleteLink({ base: { block } }: { base: LaidAndShown }) {
  const athleteId = useEditor((editor) => editor.block?.athleteId) ?? '';
  const { data } = useAthleteLinkQuery(athleteId);
  const [change, { isLoading }] = useChangeAthleteLinkMutation();
  const [problem, setProblem] = useState<string>();
  const copy = useCopy();
  if (!data) return null;
  const { since, ends, seenAt, address, code } = data;
  const name = block.spec.athlete.name.split(' ')[0] || wording.theAthlete;

  async function ask(body: Partial<LinkBody>) {
    const answer = await change({ id: athleteId, link: 'keep', ...body });
    const failed = callError(answer.error);
    setProblem(failed && errorSentence(failed));
  }

  return (
    <section aria-label={wording.onThePhone} className={styles.subscription}>
      <h2 className="display">{wording.onThePhone}</h2>
      <p>
        <b>{wording.aPageFor(name)}</b>
        <br />
        <span className="muted">{wording.todayTheWeekTheBlock}</span>
      </p>
      {isUnder18(block.spec) && <p className="small">{wording.under18}</p>}
      {problem !== undefined && <ErrorNote>{problem}</ErrorNote>}
      {since !== null && (
        <div className={styles.address}>
          {address !== null && code !== null ? (
            <>
              <svg
                role="img"
                aria-label={wording.codeOfSPage(name)}
                className={styles.code}
                viewBox={`${-QUIET} ${-QUIET} ${code.size + 2 * QUIET} ${code.size + 2 * QUIET}`}
                shapeRendering="crispEdges"
              >
                <rect x={-QUIET} y={-QUIET} width="100%" height="100%" fill="#fff" />
                <path d={code.path} fill="#000" />
              </svg>
              <Button variant="outlined" onClick={() => void copy(address, wording.copiedTheLink)}>
                {wording.copyTheLink}
              </Button>
              <span className="small muted">{wording.anyoneWithTheLinkCanRead}</span>
            </>
          ) : (
            <span>{wording.theLinkStillWorks}</span>
          )}
          <span className="small">
            {seenAt === null
              ? wording.notOpenedYet
              : wording.lastOpenedOn(formatDay(seenAt.slice(0, 10)))}
          </span>
        </div>
      )}
      {since !== null && ends !== null && (
        <Field label={wording.endsOn}>
          {(ids) => (
            <DateAnswer {...ids} value={ends} onAnswer={(day) => void ask({ ends: day })} />
          )}
        </Field>
      )}
      <div className={styles.acts}>
        <Button variant="outlined" disabled={isLoading} onClick={() => void ask({ link: 'new' })}>
          {since === null ? wording.makeALink : wording.newLink}
        </Button>
        {since !== null && (
          <Button disabled={isLoading} onClick={() => void ask({ link: 'end' })}>
            {wording.endTheLink}
          </Button>
        )}
      </div>
    </section>
  );
}
