import Button from '@mui/material/Button';
import { type SyntheticEvent, useState } from 'react';
import { NumberAnswer } from '../components/NumberAnswer.js';
import { goesToUnread } from '../components/unread.js';
import styles from './MenuFigure.module.css';
import * as wording from './wording.js';

/** A whole number typed within a menu; Enter takes it. */
export function MenuFigure({
  label,
  start,
  least,
  most,
  onTake,
}: {
  label: string;
  start: number;
  least: number;
  most: number;
  onTake: (figure: number) => void;
}) {
  const [figure, setFigure] = useState<number | undefined>(start);
  function onSubmit(event: SyntheticEvent<HTMLFormElement>) {
    event.preventDefault();
    if (!goesToUnread(event.currentTarget) && figure !== undefined) onTake(figure);
  }
  return (
    <form
      className={styles.figure}
      noValidate
      onSubmit={onSubmit}
      // A menu takes letters for the names of its acts.
      onKeyDown={(event) => event.key !== 'Escape' && event.stopPropagation()}
    >
      <NumberAnswer
        label={label}
        value={figure}
        given
        least={least}
        most={most}
        onAnswer={setFigure}
      />
      <Button type="submit" variant="outlined" disabled={figure === undefined}>
        {wording.apply}
      </Button>
    </form>
  );
}
