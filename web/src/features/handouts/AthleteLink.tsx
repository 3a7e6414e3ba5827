import Button from '@mui/material/Button';
import type { LinkBody } from '@nadir/contract';
import { isUnder18 } from '@nadir/core/spec';
import { useState } from 'react';
import {
  callError,
  errorSentence,
  useAthleteLinkQuery,
  useChangeAthleteLinkMutation,
} from '../../api/api.js';
import { DateAnswer } from '../../components/DateAnswer.js';
import { formatDay } from '../../components/dates.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { Field } from '../../components/Field.js';
import { useCopy } from '../../components/useCopy.js';
import type { LaidAndShown } from '../../components/useLaidBlock.js';
import { useEditor } from '../../editor/useEditor.js';
import styles from './Handouts.module.css';

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
  const name = block.spec.athlete.name.split(' ')[0] || 'the athlete';

  async function ask(body: Partial<LinkBody>) {
    const answer = await change({ id: athleteId, link: 'keep', ...body });
    const failed = callError(answer.error);
    setProblem(failed && errorSentence(failed));
  }

  return (
    <section aria-label="On the phone" className={styles.subscription}>
      <h2 className="display">On the phone</h2>
      <p>
        <b>A page for {name}</b>
        <br />
        <span className="muted">
          Today, the week, the block and the paces. What the athlete notes there goes into the
          Diary. It needs no account and works offline.
        </span>
      </p>
      {isUnder18(block.spec) && (
        <p className="small">Under 18: share the link through a guardian.</p>
      )}
      {problem !== undefined && <ErrorNote>{problem}</ErrorNote>}
      {since !== null && (
        <div className={styles.address}>
          {address !== null && code !== null ? (
            <>
              <svg
                role="img"
                aria-label={`Code of ${name}’s page, for a camera`}
                className={styles.code}
                viewBox={`${-QUIET} ${-QUIET} ${code.size + 2 * QUIET} ${code.size + 2 * QUIET}`}
                shapeRendering="crispEdges"
              >
                <rect x={-QUIET} y={-QUIET} width="100%" height="100%" fill="#fff" />
                <path d={code.path} fill="#000" />
              </svg>
              <Button variant="outlined" onClick={() => void copy(address, 'Copied the link.')}>
                Copy the link
              </Button>
              <span className="small muted">
                Anyone with the link can read the plan and add to the Diary. The code is printed on
                every sheet.
              </span>
            </>
          ) : (
            <span>
              The link still works, but can no longer be shown. Make a new one for new sheets.
            </span>
          )}
          <span className="small">
            {seenAt === null
              ? 'Not opened yet.'
              : `Last opened on ${formatDay(seenAt.slice(0, 10))}.`}
          </span>
        </div>
      )}
      {since !== null && ends !== null && (
        <Field label="Ends on">
          {(ids) => (
            <DateAnswer {...ids} value={ends} onAnswer={(day) => void ask({ ends: day })} />
          )}
        </Field>
      )}
      <div className={styles.acts}>
        <Button variant="outlined" disabled={isLoading} onClick={() => void ask({ link: 'new' })}>
          {since === null ? 'Make a link' : 'New link, the old one ends'}
        </Button>
        {since !== null && (
          <Button disabled={isLoading} onClick={() => void ask({ link: 'end' })}>
            End the link
          </Button>
        )}
      </div>
    </section>
  );
}
