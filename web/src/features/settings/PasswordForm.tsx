import { zodResolver } from '@hookform/resolvers/zod';
import Button from '@mui/material/Button';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { useSavePasswordMutation } from '../../api/api.js';
import { errorSentence } from '../../api/call-error.js';
import { Entry } from '../../components/Entry.js';
import styles from './Settings.module.css';
import { ErrorNote } from '../../components/ErrorNote.js';
import * as wording from './wording.js';

const form = z
  .object({
    current: z.string().min(1, wording.yourCurrentPasswordIsNeeded),
    next: z.string().min(10, wording.tenCharactersOrMorePlease),
    again: z.string(),
  })
  .refine(({ next, again }) => next === again, {
    path: ['again'],
    error: wording.thisIsNotTheSame,
  });

const empty = { current: '', next: '', again: '' };

/** A new password; every other device is signed out by it. */
export function PasswordForm() {
  const [change, { error, isLoading, isSuccess }] = useSavePasswordMutation();
  const { register, handleSubmit, formState, reset } = useForm({
    resolver: zodResolver(form),
    defaultValues: empty,
  });
  const { errors } = formState;
  const submit = handleSubmit(async ({ current, next }) => {
    if ((await change({ current, next })).data) reset(empty);
  });
  return (
    <fieldset className={styles.part}>
      <legend>{wording.password}</legend>
      <form
        onSubmit={(event) => void submit(event)}
        noValidate
        aria-label={wording.changePassword}
        className={styles.form}
      >
        <Entry
          label={wording.currentPassword}
          type="password"
          autoComplete="current-password"
          error={errors.current}
          entry={register('current')}
        />
        <Entry
          label={wording.newPassword}
          type="password"
          autoComplete="new-password"
          hint={wording.tenCharactersOrMore}
          error={errors.next}
          entry={register('next')}
        />
        <Entry
          label={wording.newPasswordAgain}
          type="password"
          autoComplete="new-password"
          error={errors.again}
          entry={register('again')}
        />
        {error && 'kind' in error && <ErrorNote>{errorSentence(error)}</ErrorNote>}
        <div>
          <Button type="submit" variant="outlined" disabled={isLoading}>
            {wording.changePassword}
          </Button>{' '}
          <span role="status">{isSuccess ? wording.passwordChanged : ''}</span>
        </div>
      </form>
    </fieldset>
  );
}
