import { zodResolver } from '@hookform/resolvers/zod';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import { useAddAthleteMutation } from '../../api/api.js';
import { errorSentence } from '../../api/call-error.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import styles from './Squad.module.css';
import * as wording from './wording.js';

const form = z.object({
  name: z.string().trim().min(1, wording.giveTheAthleteAName).max(120, wording.aShorterNamePlease),
  by: z.enum(['km', 'mi', 'time']),
});

/** A new athlete in one line; the facts for a block are asked for with the block. */
export function AddAthlete({ onDone }: { onDone: () => void }) {
  const [addAthlete, { error, isLoading }] = useAddAthleteMutation();
  const { register, handleSubmit, formState } = useForm({
    resolver: zodResolver(form),
    defaultValues: { name: '', by: 'km' as const },
  });
  const add = handleSubmit(async ({ name, by }) => {
    const counted =
      by === 'time' ? { basis: 'time' as const } : { basis: 'distance' as const, unit: by };
    const { data } = await addAthlete({ name, ...counted });
    if (data) onDone();
  });
  return (
    <form
      onSubmit={(event) => void add(event)}
      noValidate
      aria-label={wording.addAnAthlete}
      className={styles.add}
    >
      <TextField
        label={wording.name}
        autoFocus
        autoComplete="off"
        error={!!formState.errors.name}
        helperText={formState.errors.name?.message}
        {...register('name')}
      />
      <TextField
        label={wording.countedBy}
        select
        defaultValue="km"
        sx={{ width: 130 }}
        {...register('by')}
      >
        <MenuItem value="km">{wording.kilometres}</MenuItem>
        <MenuItem value="mi">{wording.miles}</MenuItem>
        <MenuItem value="time">{wording.minutes}</MenuItem>
      </TextField>
      <div className={styles.besideFields}>
        <Button type="submit" variant="contained" disabled={isLoading}>
          {wording.add}
        </Button>
        <Button onClick={onDone}>{wording.cancel}</Button>
      </div>
      {error && 'kind' in error && <ErrorNote>{errorSentence(error)}</ErrorNote>}
    </form>
  );
}
