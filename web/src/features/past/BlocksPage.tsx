import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Button from '@mui/material/Button';
import type { BlockAnswer } from '@nadir/contract';
import { glanceOf } from '@nadir/core/present';
import { useEffect, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import {
  type CallError,
  callError,
  errorSentence,
  useAddBlockMutation,
  useBlocksQuery,
  usePutBackBlockMutation,
  usePutBackTemplateMutation,
  useRemoveBlockMutation,
  useRemoveTemplateMutation,
  useSquadQuery,
  useTemplatesQuery,
} from '../../api/api.js';
import { useSignedIn } from '../../api/session.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { TitleBlock } from '../../components/TitleBlock.js';
import { ActMenu } from '../../components/ActMenu.js';
import { useSay } from '../../components/messages.js';
import { formatDay } from '../../components/dates.js';
import { downloadBlock } from '../../components/download-block.js';
import { laidOf, useMeasure, usePast } from '../../components/useLaidBlock.js';
import { SmallSection } from '../../drawing/SmallSection.js';
import { athleteName } from './athlete-name.js';
import styles from './Past.module.css';
import { RemovedThings } from './RemovedThings.js';
import { ImportBlock } from './ImportBlock.js';

/** Every block, past and to come, and the templates kept from them. */
export function BlocksPage() {
  const blocks = useBlocksQuery();
  const squad = useSquadQuery();
  const say = useSay();
  const [failure, setFailure] = useState<CallError>();
  const [putBack] = usePutBackBlockMutation();

  async function undo(id: string) {
    const { error: failed } = await putBack(id);
    setFailure(callError(failed));
  }
  useEffect(() => {
    document.title = 'Blocks · Nadir';
  }, []);
  const error = blocks.error ?? squad.error;
  const athletes = squad.data?.athletes;
  return (
    <>
      <TitleBlock title="Blocks" detail="Past, present and to come; templates; files">
        <Button component={Link} to="/import">
          Import a plan
        </Button>
        <Button component={Link} to="/compare">
          Compare
        </Button>
      </TitleBlock>
      <main className="page">
        {error && 'kind' in error && <ErrorNote>{errorSentence(error)}</ErrorNote>}
        {failure && <ErrorNote>{errorSentence(failure)}</ErrorNote>}
        <Table>
          <TableHead>
            <TableRow>
              <TableCell scope="col">Athlete</TableCell>
              <TableCell scope="col">Goal race</TableCell>
              <TableCell scope="col">Race day</TableCell>
              <TableCell scope="col" align="right" className={styles.wide}>
                Weeks
              </TableCell>
              <TableCell scope="col" className={styles.wide}>
                Block
              </TableCell>
              <TableCell scope="col">
                <span className="visually-hidden">What can be done</span>
              </TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {/* A row is named by its athlete: none is drawn before both are known. */}
            {athletes &&
              blocks.data?.blocks.map((block) => (
                <BlockRow
                  key={block.id}
                  block={block}
                  name={athleteName(block, athletes)}
                  onRemoved={(words) => say({ text: words, undo: () => void undo(block.id) })}
                  onFailure={setFailure}
                />
              ))}
          </TableBody>
        </Table>
        <Templates />
        <RemovedThings />
        <ImportBlock athletes={athletes ?? []} />
      </main>
    </>
  );
}

function BlockRow({
  block,
  name,
  onRemoved,
  onFailure,
}: {
  block: BlockAnswer;
  name: string;
  /** Told once it is removed, never before. */
  onRemoved: (words: string) => void;
  onFailure: (error: CallError | undefined) => void;
}) {
  const { today } = useSignedIn();
  const past = usePast();
  const navigate = useNavigate();
  const measure = useMeasure(block.wishes);
  const laid = laidOf(block.wishes, past, measure);
  const [addBlock] = useAddBlockMutation();
  const [remove] = useRemoveBlockMutation();
  const { race } = laid.block.spec;
  const over = race.date < today;

  async function duplicate() {
    const { data, error } = await addBlock({ athleteId: block.athleteId, wishes: block.wishes });
    onFailure(callError(error));
    if (data) await navigate(`/blocks/${data.id}`);
  }

  async function takeOff() {
    const { error } = await remove(block.id);
    onFailure(callError(error));
    if (!error) onRemoved(`Removed ${name}’s block toward ${race.name}.`);
  }

  return (
    <TableRow>
      <TableCell>
        <Link to={`/blocks/${block.id}`}>{name}</Link>
      </TableCell>
      <TableCell>{race.name}</TableCell>
      <TableCell className={styles.date}>
        {formatDay(race.date)}
        {over && <span className="muted"> · run</span>}
      </TableCell>
      <TableCell align="right" className={styles.wide}>
        {laid.block.weeks.length}
      </TableCell>
      <TableCell className={styles.wide}>
        <SmallSection
          glance={glanceOf(laid.block, [], laid.shown, today)}
          today={today}
          label={`${name}, ${race.name}`}
        />
      </TableCell>
      <TableCell>
        <ActMenu
          label={`Acts on ${name}, ${race.name}`}
          icon
          groups={[
            {
              acts: [
                { label: 'Open', run: () => void navigate(`/blocks/${block.id}`) },
                { label: 'History', run: () => void navigate(`/blocks/${block.id}/history`) },
                { label: 'Compare', run: () => void navigate(`/compare?first=${block.id}`) },
                { label: 'Duplicate', run: () => void duplicate(), disabled: over },
                { label: 'Export to a file', run: () => downloadBlock(block.wishes) },
                { label: 'Remove', run: () => void takeOff() },
              ],
            },
          ]}
        />
      </TableCell>
    </TableRow>
  );
}

function Templates() {
  const { data } = useTemplatesQuery();
  const [remove] = useRemoveTemplateMutation();
  const [putBack] = usePutBackTemplateMutation();
  const say = useSay();
  const [failure, setFailure] = useState<CallError>();
  const templates = data?.templates ?? [];

  async function takeOff({ id, name }: { id: string; name: string }) {
    const { error } = await remove(id);
    setFailure(callError(error));
    if (!error) say({ text: `Removed the template “${name}”.`, undo: () => void undo(id) });
  }

  async function undo(id: string) {
    const { error } = await putBack(id);
    setFailure(callError(error));
  }
  return (
    <section aria-label="Templates" className={styles.part}>
      <h2 className="display">Templates</h2>
      {failure && <ErrorNote>{errorSentence(failure)}</ErrorNote>}
      {templates.length === 0 && (
        <p className="muted">
          None yet. “Keep as template”, under More on a block, keeps its shape for another athlete.
        </p>
      )}
      <ul className={`plain-list ${styles.narrow ?? ''}`}>
        {templates.map(({ id, name, template }) => (
          <li key={id} className={styles.template}>
            <span>
              {name}
              <span className="muted"> · {template.weeks} weeks</span>
            </span>
            <Button variant="outlined" component={Link} to={`/blocks/new?template=${id}`}>
              Start a block from it
            </Button>
            <Button
              variant="outlined"
              aria-label={`Remove template ${name}`}
              onClick={() => void takeOff({ id, name })}
            >
              Remove
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
