import Button from '@mui/material/Button';
import OutlinedInput from '@mui/material/OutlinedInput';
import type { BlockFile } from '@nadir/contract';
import {
  type ActivityColumn,
  activityColumns,
  activityColumnWords,
} from '@nadir/core/record/activities';
import { useEffect, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { DropZone } from '../../components/DropZone.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { useRecord } from '../../components/record.js';
import { useLaidBlock } from '../../components/useLaidBlock.js';
import { InEditor } from '../../editor/InEditor.js';
import { OpenBlockTitle } from '../../editor/OpenBlockTitle.js';
import styles from './BringIn.module.css';
import { MatchTable } from './MatchTable.js';
import { type BringIn, useBringIn } from './useBringIn.js';
import { WatchCard } from './WatchCard.js';
import * as wording from './wording.js';

/** Runs from a spreadsheet, from GPX files or from the watch, shown before any of them is taken. */
export function BringInPage() {
  const { id = '' } = useParams();
  return <InEditor id={id}>{(file) => <OpenBringIn id={id} file={file} />}</InEditor>;
}

function OpenBringIn({ id, file }: { id: string; file: BlockFile }) {
  const { block, shown } = useLaidBlock(file);
  const brought = useBringIn(block);
  const { matches, problems, isReading } = brought;
  const { change } = useRecord();
  const navigate = useNavigate();
  const [left, setLeft] = useState<ReadonlySet<number>>(new Set());
  const taken = matches.flatMap((match, index) =>
    'entry' in match && !left.has(index) ? [match.entry] : [],
  );
  useEffect(() => {
    document.title = wording.bringInRunsOfNadir(block.spec.athlete.name || wording.aBlock);
  }, [block.spec.athlete.name]);

  function take() {
    change(
      (kept) => ({
        keep: taken.map((entry) => ({
          revision:
            kept.entries.find(({ date, place }) => date === entry.date && place === entry.place)
              ?.revision ?? null,
          entry,
        })),
      }),
      wording.addedRunsToTheDiary(taken.length),
    );
    brought.clear();
    void navigate(`/blocks/${id}/diary`);
  }

  return (
    <>
      <OpenBlockTitle spec={block.spec} view={wording.bringInRuns}>
        <Button component={Link} to={`/blocks/${id}/diary`}>
          {wording.backToTheDiary}
        </Button>
      </OpenBlockTitle>
      <main className={styles.main}>
        <section aria-label={wording.whereFrom} className={styles.from}>
          <DropZone
            many
            accept=".csv,.tsv,.txt,.gpx"
            hint={wording.orDropFilesHere}
            disabled={isReading}
            onFiles={(files) => void brought.bringFiles(files)}
          >
            <OutlinedInput
              multiline
              minRows={4}
              maxRows={8}
              fullWidth
              placeholder={wording.pasteFromASpreadsheet}
              slotProps={{ input: { 'aria-label': wording.runsAsATable } }}
              onChange={({ target }) => brought.bringText(target.value)}
              onPaste={(event) => {
                const text = event.clipboardData.getData('text');
                const lines = text.trim().split('\n').length;
                if (lines <= MOST_LINES) return;
                event.preventDefault();
                brought.bringText(text);
              }}
            />
          </DropZone>
          <WatchCard onTracks={(tracks) => void brought.bringTracks(tracks, 'watch')} />
        </section>
        <section aria-label={wording.whatWasRead} className={styles.read}>
          <Columns brought={brought} />
          {isReading && <p aria-busy="true">{wording.reading}</p>}
          {problems.length > 0 && (
            <ErrorNote>
              {wording.notTaken}
              {problems
                .slice(0, MOST_SAID)
                .map(({ where, message }) => [where, message].filter(Boolean).join(': '))
                .join(' ')}
              {problems.length > MOST_SAID && wording.andMore(problems.length - MOST_SAID)}
            </ErrorNote>
          )}
          {matches.length > 0 ? (
            <>
              <div className={styles.verdict}>
                <Button variant="contained" disabled={taken.length === 0} onClick={take}>
                  {wording.takeRuns(taken.length)}
                </Button>
                <Button onClick={brought.clear}>{wording.startAgain}</Button>
                <span className="muted">{wording.nothingIsKeptBeforeYouTake}</span>
              </div>
              <MatchTable
                matches={matches}
                measure={shown.measure}
                left={left}
                onLeave={(index) => {
                  const next = new Set(left);
                  if (!next.delete(index)) next.add(index);
                  setLeft(next);
                }}
              />
            </>
          ) : (
            <p className="muted">{wording.runsStandHereBeforeTheyAreTaken}</p>
          )}
        </section>
      </main>
    </>
  );
}

const MOST_SAID = 6;
/** More lines than these are read without being shown: a field that holds them stalls the page. */
const MOST_LINES = 200;

/** What each column of a table holds; kept on this device for the next table with the same names. */
function Columns({ brought: { table, chooseColumn } }: { brought: BringIn }) {
  if (!table) return null;
  const { names } = table;
  const choices = activityColumns.map((column) => [column, activityColumnWords[column]] as const);
  return (
    <div className={styles.columns}>
      {names.map((name, index) => (
        <label key={index}>
          <span className="muted">{name || wording.column(index + 1)}</span>
          <ChoiceAnswer<ActivityColumn>
            label={wording.holds(name || wording.column(index + 1))}
            value={table.columns[index] ?? 'nothing'}
            choices={choices}
            onAnswer={(column) => chooseColumn(index, column)}
          />
        </label>
      ))}
    </div>
  );
}
