import type { BlockFile } from '@nadir/contract';
import { handoutOf } from '@nadir/core/present/handout';
import { useEffect, useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { useSignedIn } from '../../api/session.js';
import { useLaidBlock } from '../../components/useLaidBlock.js';
import { weekNearest } from '../../drawing/days.js';
import { InEditor } from '../../editor/InEditor.js';
import { OpenBlockTitle } from '../../editor/OpenBlockTitle.js';
import { useEditor } from '../../editor/useEditor.js';
import { ByMail } from './ByMail.js';
import { Files } from './Files.js';
import { HandedOut } from './HandedOut.js';
import styles from './Handouts.module.css';
import { WeekMessage } from './WeekMessage.js';
import * as wording from './wording.js';

/** Everything a block can leave the desk as. */
export function HandoutsPage() {
  const { id = '' } = useParams();
  return <InEditor id={id}>{(file) => <OpenHandouts id={id} file={file} />}</InEditor>;
}

function OpenHandouts({ id, file }: { id: string; file: BlockFile }) {
  const { today } = useSignedIn();
  const base = useLaidBlock(file);
  const { block, shown } = base;
  const handout = useMemo(() => handoutOf(block, shown, today), [block, shown, today]);
  const revision = useEditor((editor) => editor.block?.revision) ?? 1;
  const [week, setWeek] = useState(weekNearest(block.weeks, today));
  useEffect(() => {
    document.title = wording.handoutsOfNadir(block.spec.athlete.name || wording.aBlock);
  }, [block.spec.athlete.name]);
  return (
    <>
      <OpenBlockTitle spec={block.spec} view={wording.handouts} />
      <main className={styles.main}>
        <div>
          <WeekMessage handout={handout} week={week} onWeek={setWeek} />
          <ByMail week={handout.weeks.find(({ number }) => number === week)} />
        </div>
        <Files id={id} handout={handout} base={base} week={week} />
        <aside className={styles.aside}>
          <HandedOut id={id} base={base} revision={revision} />
          <p className="small muted">{wording.filesAreMadeFromTheVersion}</p>
        </aside>
      </main>
    </>
  );
}
