import Button from '@mui/material/Button';
import OutlinedInput from '@mui/material/OutlinedInput';
import type { Mail, MailForm, Mailing } from '@nadir/contract';
import { capital } from '@nadir/core/base/format';
import { type Weekday, weekdays } from '@nadir/core/base';
import type { HandoutWeek } from '@nadir/core/present/handout';
import { useState } from 'react';
import { v4 as uuid } from 'uuid';
import {
  useLazyMailFileQuery,
  useMailsQuery,
  useSaveMailingMutation,
  useSendMailMutation,
} from '../../api/api.js';
import { callError, errorSentence } from '../../api/call-error.js';
import { bytesOf } from '../../components/base64.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { formatClock, formatDay } from '../../components/dates.js';
import { download } from '../../components/download-json.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { Field } from '../../components/Field.js';
import { useEditor } from '../../editor/useEditor.js';
import { formName } from './handout-forms.js';
import styles from './Handouts.module.css';
import * as wording from './wording.js';

const BY_HAND = 'by-hand';
const days = [
  [BY_HAND, wording.onlyWhenISendIt],
  ...weekdays.map((day) => [day, `every ${capital(day)}`] as const),
] as const;
const forms = [
  ['week-text', 'text'],
  ['week-sheet', wording.textWithTheSheetAsAPdf],
] as const satisfies readonly (readonly [MailForm, string])[];
const NONE: Mailing = { address: '', weekday: null, form: 'week-text' };
const stateWords = {
  waiting: wording.waitingToBeSent,
  sent: 'sent',
  failed: wording.couldNotBeSent,
};
/** How often a mail that waits is looked at, milliseconds. */
const LOOK_MS = 2000;

/** The week by mail: now, or by itself on a day of the week. A stand-in: what is sent is kept in a folder. */
export function ByMail({ week }: { week: HandoutWeek | undefined }) {
  const athleteId = useEditor((editor) => editor.block?.athleteId) ?? '';
  const { data } = useMailsQuery(athleteId, { refetchOnMountOrArgChange: true });
  const waits = data?.mails.some(({ state }) => state === 'waiting') ?? false;
  useMailsQuery(athleteId, { skip: !waits, pollingInterval: LOOK_MS });
  const [save, saving] = useSaveMailingMutation();
  const [send, sending] = useSendMailMutation();
  const [typed, setTyped] = useState<string>();
  const [problem, setProblem] = useState<string>();
  if (!data) return null;
  const mailing = data.mailing ?? NONE;
  const address = typed ?? mailing.address;

  async function keep(part: Partial<Mailing>) {
    const next = { ...mailing, address: address.trim(), ...part };
    const answer = await save({ id: athleteId, mailing: next.address === '' ? null : next });
    const failed = callError(answer.error);
    setProblem(failed && errorSentence(failed));
    if (!failed) setTyped(undefined);
  }

  async function sendNow() {
    if (!week) return;
    const answer = await send({ athleteId, id: uuid(), week: week.start, form: mailing.form });
    const failed = callError(answer.error);
    setProblem(failed && errorSentence(failed));
  }

  return (
    <section aria-label={wording.byMail} className={styles.mail}>
      <h2 className="display">{wording.byMail}</h2>
      {problem !== undefined && <ErrorNote>{problem}</ErrorNote>}
      <Field label={wording.address} because={wording.theAthletes}>
        {(ids) => (
          <OutlinedInput
            id={ids.id}
            type="email"
            fullWidth
            placeholder={wording.theaSkerrylaneExample}
            value={address}
            slotProps={{ input: { 'aria-describedby': ids.describedBy, maxLength: 254 } }}
            onChange={({ target }) => setTyped(target.value)}
            onBlur={() => typed !== undefined && void keep({})}
            onKeyDown={({ key }) => key === 'Enter' && void keep({})}
          />
        )}
      </Field>
      {data.mailing && (
        <>
          <Field label={wording.sent} because={wording.theWeekThatIncludesTheNextDay}>
            {(ids) => (
              <ChoiceAnswer
                {...ids}
                value={mailing.weekday ?? BY_HAND}
                choices={days}
                onAnswer={(day: Weekday | typeof BY_HAND) =>
                  void keep({ weekday: day === BY_HAND ? null : day })
                }
              />
            )}
          </Field>
          <Field label={wording.as}>
            {(ids) => (
              <ChoiceAnswer
                {...ids}
                value={mailing.form}
                choices={forms}
                onAnswer={(form) => void keep({ form })}
              />
            )}
          </Field>
          <Button
            variant="outlined"
            disabled={!week || saving.isLoading || sending.isLoading}
            onClick={() => void sendNow()}
          >
            {wording.sendWeek}
            {week?.number}
            {wording.now}
          </Button>
        </>
      )}
      <Outbox mails={data.mails} onProblem={setProblem} />
      <p className="small muted">{wording.simulatedMail}</p>
    </section>
  );
}

function Outbox({
  mails,
  onProblem,
}: {
  mails: readonly Mail[];
  onProblem: (problem: string | undefined) => void;
}) {
  const [read] = useLazyMailFileQuery();
  async function open({ id }: Mail) {
    const { data, error } = await read(id);
    const failed = callError(error);
    onProblem(failed && errorSentence(failed));
    if (data) download(data.name, new Blob([bytesOf(data.base64)], { type: data.type }));
  }
  if (mails.length === 0) return null;
  return (
    <ul className="plain-list" aria-label={wording.outbox}>
      {mails.map((mail) => (
        <li key={mail.id} className={styles.form}>
          <span>
            <b>{wording.weekFrom(formatDay(mail.week))}</b>, {formName(mail.form).toLowerCase()}
            <br />
            <span className="muted">
              {mail.to}: {stateWords[mail.state]}, {formatClock(mail.at)}
            </span>
          </span>
          {mail.state === 'sent' && (
            <Button
              variant="outlined"
              aria-label={wording.openTheMailOf(formatDay(mail.week))}
              onClick={() => void open(mail)}
            >
              {wording.open}
            </Button>
          )}
        </li>
      ))}
    </ul>
  );
}
