import type { ReactNode } from 'react';
import { usePrintedOn } from './printed-on.js';
import styles from './TitleBlock.module.css';

/** Over every view, and over every print of it: what it is, what it is about, and what can be done. */
export function TitleBlock({
  title,
  detail,
  middle,
  children,
}: {
  title: string;
  detail?: string | undefined;
  middle?: ReactNode;
  children?: ReactNode;
}) {
  const printed = usePrintedOn();
  return (
    <header className={styles.block}>
      <div className={styles.name}>
        <h1 className="display">{title}</h1>
        <p className={styles.detail}>
          {detail}
          <span className="only-print"> · {printed}</span>
        </p>
      </div>
      {middle}
      <div className={styles.acts}>{children}</div>
    </header>
  );
}
