import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Button from '@mui/material/Button';
import type { BlockAnswer } from '@nadir/contract';
import type { Glance } from '@nadir/core/present/figures';
import { useEffect, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import {
  useAddBlockMutation,
  useBlockGlancesQuery,
  useBlocksQuery,
  useLazyBlockQuery,
  usePutBackBlockMutation,
  usePutBackTemplateMutation,
  useRemoveBlockMutation,
  useRemoveTemplateMutation,
  useSquadQuery,
  useTemplatesQuery,
} from '../../api/api.js';
import { type CallError, callError, errorSentence } from '../../api/call-error.js';
import { useSignedIn } from '../../api/session.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { TitleBlock } from '../../components/TitleBlock.js';
import { ActMenu } from '../../components/ActMenu.js';
import { useSay } from '../../components/messages.js';
import { formatDay } from '../../components/dates.js';
import { downloadBlock } from '../../components/download-block.js';
import { SmallSection } from '../../drawing/SmallSection.js';
import { athleteName } from './athlete-name.js';
import styles from './Past.module.css';
import { RemovedThings } from './RemovedThings.js';
import { ImportBlock } from './ImportBlock.js';
import * as wording from './wording.js';

/** Every block, past and to come, and the templates kept from them. */
export function BlocksPage() {
  const blocks = useBlocksQuery();
  const squad = useSquadQuery();
  const glances = useBlockGlancesQuery(undefined, { refetchOnMountOrArgChange: true });
  const say = useSay();
  const [failure, setFailure] = useState<CallError>();
  const [putBack] = usePutBackBlockMutation();

  async function undo(id: string) {
    const { error: failed } = await putBack(id);
    setFailure(callError(failed));
  }
  useEffect(() => {
    document.title = wording.blocksNadir;
  }, []);
  const error = blocks.error ?? squad.error ?? glances.error;
  const athletes = squad.data?.athletes;
  const seen = new Map(glances.data?.blocks.map(({ id, glance }) => [id, glance]));
  return (
    <>
      <TitleBlock title={wording.blocks} detail={wording.pastPresentAndToComeTemplatesFiles}>
        <Button component={Link} to="/import">
          {wording.importAPlan}
        </Button>
        <Button component={Link} to="/compare">
          {wording.compare}
        </Button>
      </TitleBlock>
      <main className="page">
        {error && 'kind' in error && <ErrorNote>{errorSentence(error)}</ErrorNote>}
        {failure && <ErrorNote>{errorSentence(failure)}</ErrorNote>}
        <Table>
          <TableHead>
            <TableRow>
              <TableCell scope="col">{wording.athlete}</TableCell>
              <TableCell scope="col">{wording.goalRace}</TableCell>
              <TableCell scope="col">{wording.raceDay}</TableCell>
              <TableCell scope="col" align="right" className={styles.wide}>
                {wording.weeks}
              </TableCell>
              <TableCell scope="col" className={styles.wide}>
                {wording.block}
              </TableCell>
              <TableCell scope="col">
                <span className="visually-hidden">{wording.whatCanBeDone}</span>
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
                  glance={seen.get(block.id)}
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
  glance,
  name,
  onRemoved,
  onFailure,
}: {
  block: BlockAnswer;
  /** Drawn by the server; undefined until it is. */
  glance: Glance | undefined;
  name: string;
  /** Told once it is removed, never before. */
  onRemoved: (words: string) => void;
  onFailure: (error: CallError | undefined) => void;
}) {
  const { today } = useSignedIn();
  const navigate = useNavigate();
  const [read] = useLazyBlockQuery();
  const [addBlock] = useAddBlockMutation();
  const [remove] = useRemoveBlockMutation();
  const { race } = block.wishes;
  // A file may give its first day and weeks alone: the race day is counted from them.
  const raceOn = glance?.race.date ?? race.date;
  const over = raceOn !== undefined && raceOn < today;

  /** What was handed out of it stays so in the other as well. */
  async function duplicate() {
    const { data: open, error: unread } = await read(block.id);
    onFailure(callError(unread));
    if (!open) return;
    const { athleteId, wishes, history } = open;
    const { data, error } = await addBlock({ athleteId, wishes, history });
    onFailure(callError(error));
    if (data) await navigate(`/blocks/${data.id}`);
  }

  async function takeOff() {
    const { error } = await remove(block.id);
    onFailure(callError(error));
    if (!error) onRemoved(wording.removedSBlockToward(name, race.name));
  }

  return (
    <TableRow>
      <TableCell>
        <Link to={`/blocks/${block.id}`}>{name}</Link>
      </TableCell>
      <TableCell>{race.name}</TableCell>
      <TableCell className={styles.date}>
        {raceOn && formatDay(raceOn)}
        {over && <span className="muted">{wording.runWithin}</span>}
      </TableCell>
      <TableCell align="right" className={styles.wide}>
        {glance?.weeks.length}
      </TableCell>
      <TableCell className={styles.wide}>
        <div className={styles.drawn}>
          {glance && <SmallSection glance={glance} today={today} label={`${name}, ${race.name}`} />}
        </div>
      </TableCell>
      <TableCell>
        <ActMenu
          label={wording.actionsFor(name, race.name)}
          icon
          groups={[
            {
              acts: [
                { label: wording.open, run: () => void navigate(`/blocks/${block.id}`) },
                { label: wording.history, run: () => void navigate(`/blocks/${block.id}/history`) },
                { label: wording.compare, run: () => void navigate(`/compare?first=${block.id}`) },
                { label: wording.duplicate, run: () => void duplicate(), disabled: over },
                { label: wording.exportToAFile, run: () => downloadBlock(block.wishes) },
                { label: wording.remove, run: () => void takeOff() },
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
    if (!error) say({ text: wording.removedTheTemplate(name), undo: () => void undo(id) });
  }

  async function undo(id: string) {
    const { error } = await putBack(id);
    setFailure(callError(error));
  }
  return (
    <section aria-label={wording.templates} className={styles.part}>
      <h2 className="display">{wording.templates}</h2>
      {failure && <ErrorNote>{errorSentence(failure)}</ErrorNote>}
      {templates.length === 0 && <p className="muted">{wording.noneYet}</p>}
      <ul className={`plain-list ${styles.narrow ?? ''}`}>
        {templates.map(({ id, name, template }) => (
          <li key={id} className={styles.template}>
            <span>
              {name}
              <span className="muted">
                {' '}
                · {template.weeks}
                {wording.weeksWithin}
              </span>
            </span>
            <Button variant="outlined" component={Link} to={`/blocks/new?template=${id}`}>
              {wording.startABlockFromIt}
            </Button>
            <Button
              variant="outlined"
              component={Link}
              to={`/group?template=${id}`}
              aria-label={wording.forAGroupFrom(name)}
            >
              {wording.forAGroup}
            </Button>
            <Button
              variant="outlined"
              aria-label={wording.removeTemplate(name)}
              onClick={() => void takeOff({ id, name })}
            >
              {wording.remove}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
