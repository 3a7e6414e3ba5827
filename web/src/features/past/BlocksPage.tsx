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
import { token } from '../../theme/tokens.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { TitleBlock } from '../../components/TitleBlock.js';
import { UndoOffer } from '../../components/UndoOffer.js';
import { formatDay } from '../../components/dates.js';
import { downloadBlock } from '../../components/download-block.js';
import { laidOf, useMeasure, usePast } from '../../components/useLaidBlock.js';
import { SmallSection } from '../../drawing/SmallSection.js';
import { athleteName } from './athlete-name.js';
import { ImportBlock } from './ImportBlock.js';

/** Every block, past and to come, and the templates kept from them. */
export function BlocksPage() {
  const blocks = useBlocksQuery();
  const squad = useSquadQuery();
  const [removed, setRemoved] = useState<{ id: string; words: string }>();
  const [failure, setFailure] = useState<CallError>();
  const [putBack] = usePutBackBlockMutation();

  async function undo(id: string) {
    const { error: failed } = await putBack(id);
    setFailure(callError(failed));
    if (!failed) setRemoved(undefined);
  }
  useEffect(() => {
    document.title = 'Blocks · Nadir';
  }, []);
  const error = blocks.error ?? squad.error;
  const athletes = squad.data?.athletes;
  return (
    <>
      <TitleBlock title="Blocks" detail="Past, present and to come; templates; files.">
        <Button component={Link} to="/compare">
          Compare two
        </Button>
      </TitleBlock>
      <main className="page">
        {error && 'kind' in error && <ErrorNote>{errorSentence(error)}</ErrorNote>}
        {failure && <ErrorNote>{errorSentence(failure)}</ErrorNote>}
        {removed && <UndoOffer done={removed.words} onUndo={() => void undo(removed.id)} />}
        <table className="ledger-table">
          <thead>
            <tr>
              <th scope="col">Athlete</th>
              <th scope="col">Goal race</th>
              <th scope="col">Race day</th>
              <th scope="col">Weeks</th>
              <th scope="col">Block</th>
              <th scope="col">
                <span className="visually-hidden">What can be done</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {/* A row is named by its athlete: none is drawn before both are known. */}
            {athletes &&
              blocks.data?.blocks.map((block) => (
                <BlockRow
                  key={block.id}
                  block={block}
                  name={athleteName(block, athletes)}
                  onRemoved={(words) => setRemoved({ id: block.id, words })}
                  onFailure={setFailure}
                />
              ))}
          </tbody>
        </table>
        <Templates />
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
    <tr>
      <td>
        <Link to={`/blocks/${block.id}`}>{name}</Link>
      </td>
      <td>{race.name}</td>
      <td>
        {formatDay(race.date)}
        {over && <span style={{ color: token('muted') }}> · run</span>}
      </td>
      <td style={{ textAlign: 'right' }}>{laid.block.weeks.length}</td>
      <td>
        <SmallSection
          glance={glanceOf(laid.block, [], laid.shown, today)}
          today={today}
          label={`${name}, ${race.name}`}
        />
      </td>
      <td>
        <span className="mending">
          <Button
            variant="outlined"
            disabled={over}
            title={over ? 'Its race has been run; keep it as a template instead' : undefined}
            aria-label={`Duplicate ${name}, ${race.name}`}
            onClick={() => void duplicate()}
          >
            duplicate
          </Button>
          <Link className="tool" to={`/compare?first=${block.id}`}>
            compare
          </Link>
          <Button
            variant="outlined"
            aria-label={`Export ${name}, ${race.name}`}
            onClick={() => downloadBlock(block.wishes)}
          >
            export
          </Button>
          <Button
            variant="outlined"
            aria-label={`Remove ${name}, ${race.name}`}
            onClick={() => void takeOff()}
          >
            remove
          </Button>
        </span>
      </td>
    </tr>
  );
}

function Templates() {
  const { data } = useTemplatesQuery();
  const [remove] = useRemoveTemplateMutation();
  const [putBack] = usePutBackTemplateMutation();
  const [removed, setRemoved] = useState<{ id: string; name: string }>();
  const [failure, setFailure] = useState<CallError>();
  const templates = data?.templates ?? [];

  async function takeOff(template: { id: string; name: string }) {
    const { error } = await remove(template.id);
    setFailure(callError(error));
    if (!error) setRemoved(template);
  }

  async function undo(id: string) {
    const { error } = await putBack(id);
    setFailure(callError(error));
    if (!error) setRemoved(undefined);
  }
  return (
    <section aria-label="Templates">
      <h2 className="display">Templates</h2>
      {failure && <ErrorNote>{errorSentence(failure)}</ErrorNote>}
      {removed && (
        <UndoOffer
          done={`Removed the template “${removed.name}”.`}
          onUndo={() => void undo(removed.id)}
        />
      )}
      {templates.length === 0 && (
        <p style={{ color: token('muted') }}>
          None yet. “Keep as template” on a block keeps its shape for another athlete.
        </p>
      )}
      <ul className="findings" style={{ maxWidth: 620 }}>
        {templates.map(({ id, name, template }) => (
          <li key={id} style={{ padding: '6px 0', display: 'flex', gap: 8, alignItems: 'center' }}>
            <span style={{ flex: 1 }}>
              {name}
              <span style={{ color: token('muted') }}> · {template.weeks} weeks</span>
            </span>
            <Link className="tool" to={`/blocks/new?template=${id}`}>
              start a block from it
            </Link>
            <Button
              variant="outlined"
              aria-label={`Remove template ${name}`}
              onClick={() => void takeOff({ id, name })}
            >
              remove
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
