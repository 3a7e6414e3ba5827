import { zodResolver } from '@hookform/resolvers/zod';
import Button from '@mui/material/Button';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { errorSentence, useSavePasswordMutation } from '../../api/api.js';
import { Entry } from '../../components/Entry.js';
import styles from './Settings.module.css';
import { ErrorNote } from '../../components/ErrorNote.js';

const form = z
  .object({
    current: z.string().min(1, 'Your current password is needed.'),
    next: z.string().min(10, 'Ten characters or more, please.'),
    again: z.string(),
  })
  .refine(({ next, again }) => next === again, {
    path: ['again'],
    error: 'This is not the same as the new password.',
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
      <legend>Password</legend>
      <form
        onSubmit={(event) => void submit(event)}
        noValidate
        aria-label="Change password"
        className={styles.form}
      >
        <Entry
          label="Current password"
          type="password"
          autoComplete="current-password"
          error={errors.current}
          entry={register('current')}
        />
        <Entry
          label="New password"
          type="password"
          autoComplete="new-password"
          hint="Ten characters or more."
          error={errors.next}
          entry={register('next')}
        />
        <Entry
          label="New password again"
          type="password"
          autoComplete="new-password"
          error={errors.again}
          entry={register('again')}
        />
        {error && 'kind' in error && <ErrorNote>{errorSentence(error)}</ErrorNote>}
        <div>
          <Button type="submit" variant="outlined" disabled={isLoading}>
            Change password
          </Button>{' '}
          <span role="status">
            {isSuccess ? 'Password changed. Other devices are signed out.' : ''}
          </span>
        </div>
      </form>
    </fieldset>
  );
}
