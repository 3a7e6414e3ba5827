import Button from '@mui/material/Button';
import { type ReactNode, useEffect } from 'react';
import styles from './Paces.module.css';
import { TitleBlock } from '../../components/TitleBlock.js';
import * as wording from './wording.js';

/** A sheet as it will be printed, on one page; what is chosen about it stands above and is not printed. */
export function PrintPage({
  title,
  detail,
  choices,
  acts,
  children,
}: {
  title: string;
  detail: string;
  choices?: ReactNode;
  /** Beside “Print”. */
  acts?: ReactNode;
  children: ReactNode;
}) {
  useEffect(() => {
    document.title = wording.nadir(title);
  }, [title]);
  return (
    <>
      <TitleBlock title={title} detail={detail}>
        {acts}
        <Button variant="outlined" onClick={() => window.print()}>
          {wording.print}
        </Button>
      </TitleBlock>
      <main className="page">
        <div className="only-screen">{choices}</div>
        <article className={styles.sheet}>{children}</article>
      </main>
    </>
  );
}
