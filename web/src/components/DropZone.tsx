import Button from '@mui/material/Button';
import { type ReactNode, useRef, useState } from 'react';
import styles from './DropZone.module.css';
import * as wording from './wording.js';

/** Takes files: dropped on it, or chosen. */
export function DropZone({
  accept,
  hint,
  disabled = false,
  many = false,
  children,
  onFiles,
}: {
  accept: string;
  /** What may be dropped. */
  hint: string;
  disabled?: boolean;
  /** Whether several are taken at once; else the first alone. */
  many?: boolean;
  /** Over the button, within the zone. */
  children?: ReactNode;
  onFiles: (files: [File, ...File[]]) => void;
}) {
  const [over, setOver] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  const take = ([first, ...others]: Iterable<File>) => {
    if (first) onFiles(many ? [first, ...others] : [first]);
  };
  return (
    <div
      className={styles.zone}
      data-over={over}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        take(event.dataTransfer.files);
      }}
    >
      {children}
      <div className={styles.file}>
        <span className="muted">{hint}</span>
        <Button variant="outlined" disabled={disabled} onClick={() => input.current?.click()}>
          {many ? wording.chooseFiles : wording.chooseAFile}
        </Button>
      </div>
      <input
        ref={input}
        hidden
        aria-label={many ? wording.chooseFiles : wording.chooseAFile}
        multiple={many}
        type="file"
        accept={accept}
        onChange={({ target }) => {
          take(target.files ?? []);
          // The same file may be chosen again once it is corrected.
          target.value = '';
        }}
      />
    </div>
  );
}
