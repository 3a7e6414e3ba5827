import FormControl from '@mui/material/FormControl';
import FormHelperText from '@mui/material/FormHelperText';
import FormLabel from '@mui/material/FormLabel';
import { type ReactNode, useId } from 'react';
import styles from './Field.module.css';

/** What ties a field to its label and its reason. */
export interface FieldIds {
  id: string;
  describedBy: string;
}

/** A question, its answer’s field, and the reason or what is wrong with it. */
export function Field({
  label,
  because,
  problem,
  stacked = false,
  children,
}: {
  label: string;
  because?: string | undefined;
  problem?: string | undefined;
  /** The label over the field, where there is no room beside it. */
  stacked?: boolean;
  children: (ids: FieldIds) => ReactNode;
}) {
  const id = useId();
  const describedBy = `${id}-because`;
  const said = problem ?? because;
  return (
    <FormControl error={problem !== undefined} className={stacked ? styles.stacked : styles.field}>
      <FormLabel htmlFor={id}>{label}</FormLabel>
      <div className={styles.answer}>{children({ id, describedBy })}</div>
      {said && (
        <FormHelperText
          id={describedBy}
          className={styles.because}
          role={problem ? 'alert' : undefined}
        >
          {said}
        </FormHelperText>
      )}
    </FormControl>
  );
}
