import Button from '@mui/material/Button';
import { type ReactNode, useRef, useState } from 'react';
import styles from './DropZone.module.css';

/** Takes a file: dropped on it, or chosen. */
export function DropZone({
  accept,
  hint,
  disabled = false,
  children,
  onFile,
}: {
  accept: string;
  /** What may be dropped. */
  hint: string;
  disabled?: boolean;
  /** Over the button, within the zone. */
  children?: ReactNode;
  onFile: (file: File) => void;
}) {
  const [over, setOver] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  const take = (file: File | undefined) => file && onFile(file);
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
        take(event.dataTransfer.files[0]);
      }}
    >
      {children}
      <div className={styles.file}>
        <span className="muted">{hint}</span>
        <Button variant="outlined" disabled={disabled} onClick={() => input.current?.click()}>
          Choose a file
        </Button>
      </div>
      <input
        ref={input}
        hidden
        aria-label="Choose a file"
        type="file"
        accept={accept}
        onChange={({ target }) => {
          take(target.files?.[0]);
          // The same file may be chosen again once it is corrected.
          target.value = '';
        }}
      />
    </div>
  );
}
