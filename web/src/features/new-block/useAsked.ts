import type { BlockFile } from '@nadir/contract';
import { useMemo, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { useSignedIn } from '../../api/session.js';
import { type Answered, answer } from './questions.js';
import { type Asked, wishesResolver } from './wishes-resolver.js';

/** The form of the wishes being asked for, with every open answer worked out as they change. */
export function useAsked(first: () => BlockFile, { mayBePast = false, needsName = false } = {}) {
  const { today } = useSignedIn();
  const [start] = useState(first);
  const { control, clearErrors, formState, getValues, handleSubmit, setValue } = useForm<
    Asked,
    unknown,
    BlockFile
  >({
    defaultValues: { wishes: start },
    resolver: wishesResolver(today, { mayBePast, needsName }),
  });
  const asked = useWatch({ control, name: 'wishes' });
  const answered: Answered = useMemo(
    () => answer(asked, today, { mayBePast }),
    [asked, today, mayBePast],
  );
  const [lastDrawn, setLastDrawn] = useState(answered.file);
  if (answered.file && answered.file !== lastDrawn) setLastDrawn(answered.file);

  /** What was wrong when it was kept is said no longer once something is answered. */
  function setAsked(wishes: BlockFile) {
    clearErrors();
    setValue('wishes', wishes);
  }

  return {
    asked,
    setAsked,
    answered,
    nameProblem: formState.errors.wishes?.athlete?.name?.message,
    handleSubmit,
    /** While a problem stands, what was drawn last stays in sight. */
    drawn: answered.file ?? lastDrawn,
    change: (part: Partial<BlockFile>) => setAsked({ ...getValues('wishes'), ...part }),
  };
}
