import { zodResolver } from '@hookform/resolvers/zod';
import Button from '@mui/material/Button';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { useSignInMutation } from '../../api/api.js';
import { errorSentence } from '../../api/call-error.js';
import { openFreshPage } from '../../api/fresh-page.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { Entry } from '../../components/Entry.js';
import * as wording from './wording.js';

const form = z.object({
  email: z.email(wording.anEMailAddressIs),
  password: z.string().min(1, wording.yourPasswordIsNeeded),
});

export function SignInForm() {
  const [signIn, { error, isLoading }] = useSignInMutation();
  const { register, handleSubmit, formState } = useForm({
    resolver: zodResolver(form),
    defaultValues: { email: '', password: '' },
  });
  const { errors } = formState;
  const submit = handleSubmit(async (body) => {
    if ((await signIn(body)).data) openFreshPage();
  });
  return (
    <form onSubmit={(event) => void submit(event)} noValidate aria-label={wording.signIn}>
      <Entry
        label={wording.eMail}
        type="email"
        autoComplete="username"
        autoFocus
        error={errors.email}
        entry={register('email')}
      />
      <Entry
        label={wording.password}
        type="password"
        autoComplete="current-password"
        error={errors.password}
        entry={register('password')}
      />
      {error && 'kind' in error && <ErrorNote>{errorSentence(error)}</ErrorNote>}
      <Button type="submit" variant="contained" disabled={isLoading}>
        {wording.signIn}
      </Button>
    </form>
  );
}
