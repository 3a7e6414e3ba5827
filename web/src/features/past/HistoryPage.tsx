import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import type { BlockFile, BlockHistory } from '@nadir/contract';
import { whatChanged } from '@nadir/core/present/compare';
import { useEffect, useState } from 'react';
import { useDispatch } from 'react-redux';
import { Link, useNavigate, useParams } from 'react-router';
import {
  useBlockHistoryInfiniteQuery,
  useBlockQuery,
  useBlockVersionQuery,
} from '../../api/api.js';
import { errorSentence } from '../../api/call-error.js';
import { useSignedIn } from '../../api/session.js';
import { drawingHeight } from '../../drawing/height.js';
import { Section } from '../../drawing/Section.js';
import { formatDay, formatClock } from '../../components/dates.js';
import { DifferenceList } from '../../components/DifferenceList.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { NotOpened } from '../../components/NotOpened.js';
import { TitleBlock } from '../../components/TitleBlock.js';
import { useElementSize } from '../../components/useElementSize.js';
import { changed } from '../../editor/editor-slice.js';
import { InEditor } from '../../editor/InEditor.js';
import styles from './Past.module.css';
import { useLaidBlock } from '../../components/useLaidBlock.js';
import * as wording from './wording.js';

type Change = BlockHistory['changes'][number];

/** What was changed, by whom and when; every version can be looked at and restored. */
export function HistoryPage() {
  const { id = '' } = useParams();
  const history = useBlockHistoryInfiniteQuery(id, { refetchOnMountOrArgChange: true });
  const now = useBlockQuery(id, { refetchOnMountOrArgChange: true });
  useEffect(() => {
    document.title = wording.historyNadir;
  }, []);
  const changes = history.data?.pages.flatMap((page) => page.changes) ?? [];
  const error = history.error ?? now.error;
  const [newest] = changes;
  if (!newest || !now.data) {
    const again = () => void Promise.all([history.refetch(), now.refetch()]);
    return error && 'kind' in error ? (
      <NotOpened error={error} onRetry={again} />
    ) : (
      <main className="page" aria-busy={!error}>
        {wording.openingTheHistory}
      </main>
    );
  }
  const current = now.data.wishes;
  return (
    <InEditor id={id}>
      {() => (
        <History
          id={id}
          changes={changes}
          newest={newest}
          current={current}
          onOlder={history.hasNextPage ? () => void history.fetchNextPage() : undefined}
        />
      )}
    </InEditor>
  );
}

/** What the list of differences takes; the drawing has the rest. */
const BELOW_DRAWING = 250;

function History({
  id,
  changes,
  newest,
  current,
  onOlder,
}: {
  id: string;
  changes: readonly Change[];
  newest: Change;
  /** The block as it is stored. */
  current: BlockFile;
  /** Fetches the next page; undefined where there is none. */
  onOlder: (() => void) | undefined;
}) {
  const { today } = useSignedIn();
  const navigate = useNavigate();
  const dispatch = useDispatch();
  const [chosen, setChosen] = useState(newest.revision);
  const version = changes.find(({ revision }) => revision === chosen) ?? newest;
  const isNow = version === newest;
  const fetched = useBlockVersionQuery({ id, revision: version.revision }, { skip: isNow });
  const wishes = isNow ? current : fetched.currentData?.wishes;
  const then = useLaidBlock(wishes ?? current);
  const now = useLaidBlock(current);
  const [ref, size] = useElementSize<HTMLDivElement>();

  /** One change, to be undone and saved like any other. */
  function restore() {
    if (!wishes) return;
    const words = wording.restoredVersion(version.revision, version.words);
    dispatch(changed({ wishes, words }));
    void navigate(`/blocks/${id}`);
  }

  return (
    <>
      <TitleBlock
        title={wording.history}
        detail={[now.block.spec.athlete.name, now.block.spec.race.name].join(' · ')}
      >
        <Button component={Link} to={`/blocks/${id}`}>
          {wording.backToTheBlock}
        </Button>
        <Button variant="contained" disabled={isNow || !wishes} onClick={restore}>
          {wording.restoreThisVersion}
        </Button>
      </TitleBlock>
      <div className={styles.editor}>
        <main
          className={styles.main}
          tabIndex={0}
          aria-label={wording.theChosenVersion}
          aria-busy={!wishes}
        >
          <div ref={ref} className={styles.fill}>
            {fetched.error && 'kind' in fetched.error && (
              <ErrorNote onRetry={() => void fetched.refetch()}>
                {errorSentence(fetched.error)}
              </ErrorNote>
            )}
            {size.width > 0 && (
              <Section
                block={then.block}
                shown={then.shown}
                columns={{ width: size.width, labels: 92, weeks: then.block.weeks.length }}
                height={drawingHeight(size, BELOW_DRAWING)}
                today={today}
                overlays={isNow ? [] : [{ ...now, name: wording.theCurrentBlock }]}
              />
            )}
            <h2 className="display">
              {isNow ? wording.theCurrentBlock2 : wording.versionAgainstNow(version.revision)}
            </h2>
            <DifferenceList
              differences={whatChanged(now.block, then.block, now.shown.measure)}
              before={wording.now}
              after={wording.version(version.revision)}
            />
          </div>
        </main>
        <aside className={styles.aside}>
          <h2 className="display">{wording.changes}</h2>
          <ol className="plain-list" aria-label={wording.changesNewestFirst}>
            {changes.map(({ revision, words, by, at }) => (
              <li key={revision}>
                <ButtonBase
                  className={styles.change}
                  aria-current={revision === version.revision}
                  onClick={() => setChosen(revision)}
                >
                  <span className="muted">{revision}</span>
                  <span>
                    {words}
                    <span className={styles.by}>
                      {by}, {formatDay(at.slice(0, 10))} {formatClock(at)}
                    </span>
                  </span>
                </ButtonBase>
              </li>
            ))}
          </ol>
          {onOlder && <Button onClick={onOlder}>{wording.olderChanges}</Button>}
        </aside>
      </div>
    </>
  );
}
