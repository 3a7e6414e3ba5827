import { zodResolver } from '@hookform/resolvers/zod';
import Button from '@mui/material/Button';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { useFirstCoachMutation } from '../../api/api.js';
import { errorSentence } from '../../api/call-error.js';
import { openFreshPage } from '../../api/fresh-page.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { Entry } from '../../components/Entry.js';
import styles from './SignIn.module.css';
import * as wording from './wording.js';

const form = z.object({
  name: z.string().trim().min(1, wording.yourNameIsNeeded),
  email: z.email(wording.anEMailAddressIs),
  password: z.string().min(10, wording.tenCharactersOrMorePlease),
  code: z.string().trim().min(1, 'The code is needed.'),
});

/** Nobody is here yet: whoever started this Nadir becomes the coach. */
export function FirstCoachForm() {
  const [create, { error, isLoading }] = useFirstCoachMutation();
  const { register, handleSubmit, formState } = useForm({
    resolver: zodResolver(form),
    defaultValues: { name: '', email: '', password: '', code: '' },
  });
  const { errors } = formState;
  const submit = handleSubmit(async (body) => {
    if ((await create(body)).data) openFreshPage();
  });
  return (
    <form onSubmit={(event) => void submit(event)} noValidate aria-label={wording.firstCoach}>
      <p className={styles.flush}>{wording.nobodyIsHereYet}</p>
      <Entry
        label={wording.yourName}
        autoComplete="name"
        autoFocus
        error={errors.name}
        entry={register('name')}
      />
      <Entry
        label={wording.eMail}
        type="email"
        autoComplete="username"
        error={errors.email}
        entry={register('email')}
      />
      <Entry
        label={wording.password}
        type="password"
        autoComplete="new-password"
        hint={wording.tenCharactersOrMore}
        error={errors.password}
        entry={register('password')}
      />
      <Entry
        label={wording.codeFromTheTerminal}
        autoComplete="off"
        hint={wording.printedNextToTheAddressWhenNadir}
        error={errors.code}
        entry={register('code')}
      />
      {error && 'kind' in error && <ErrorNote>{errorSentence(error)}</ErrorNote>}
      <Button type="submit" variant="contained" disabled={isLoading}>
        {wording.begin}
      </Button>
    </form>
  );
}
