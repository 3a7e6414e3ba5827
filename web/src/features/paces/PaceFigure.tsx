import { useState } from 'react';
import { TextAnswer } from '../../components/TextAnswer.js';
import { useBefore } from '../../components/useBefore.js';
import { readPaceFigure } from './read-pace-figure.js';

/** A figure of a named pace; what cannot be read is said by its row, and the figure before it stays. */
export function PaceFigure({
  label,
  kept,
  factor,
  least,
  most,
  onRead,
}: {
  label: string;
  /** As it is kept, and how often that is counted in what is shown. */
  kept: number;
  factor: number;
  /** In what is shown. */
  least: number;
  most: number;
  /** With the figure to keep, and what is wrong with another that was typed. */
  onRead: (figure: number, problem: string | undefined) => void;
}) {
  const [unread, setUnread] = useState(false);
  const { before, onLeft } = useBefore(kept);
  return (
    <span onBlur={onLeft}>
      <TextAnswer
        label={label}
        width={64}
        value={String(Number((kept * factor).toFixed(1)))}
        given
        unread={unread}
        onAnswer={(text) => {
          const old = before();
          const read = readPaceFigure(text, { least, most });
          setUnread(typeof read === 'string');
          if (typeof read === 'string') onRead(old, read);
          else onRead(Number((read / factor).toPrecision(12)), undefined);
        }}
      />
    </span>
  );
}
