import { zodResolver } from '@hookform/resolvers/zod';
import Button from '@mui/material/Button';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { errorSentence, useFirstCoachMutation } from '../../api/api.js';
import { openFreshPage } from '../../api/fresh-page.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { Entry } from '../../components/Entry.js';

const form = z.object({
  name: z.string().trim().min(1, 'Your name is needed.'),
  email: z.email('An e-mail address is needed.'),
  password: z.string().min(10, 'Ten characters or more, please.'),
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
    <form onSubmit={(event) => void submit(event)} noValidate aria-label="First coach">
      <p style={{ margin: 0 }}>Nobody is here yet. Say who you are; the squad comes next.</p>
      <Entry
        label="Your name"
        autoComplete="name"
        autoFocus
        error={errors.name}
        entry={register('name')}
      />
      <Entry
        label="E-mail"
        type="email"
        autoComplete="username"
        error={errors.email}
        entry={register('email')}
      />
      <Entry
        label="Password"
        type="password"
        autoComplete="new-password"
        hint="Ten characters or more."
        error={errors.password}
        entry={register('password')}
      />
      <Entry
        label="Code from the terminal"
        autoComplete="off"
        hint="Printed next to the address when Nadir was started: it shows that this Nadir is yours."
        error={errors.code}
        entry={register('code')}
      />
      {error && 'kind' in error && <ErrorNote>{errorSentence(error)}</ErrorNote>}
      <Button type="submit" variant="contained" disabled={isLoading}>
        Begin
      </Button>
    </form>
  );
}
