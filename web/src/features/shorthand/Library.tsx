import ButtonBase from '@mui/material/ButtonBase';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Button from '@mui/material/Button';
import type { Unit } from '@nadir/core/base';
import { formatDuration, formatTenthsOf } from '@nadir/core/base/format';
import type { SessionPaces } from '@nadir/core/sessions';
import { exposuresOf, startingFamilies } from '@nadir/core/sessions/library';
import {
  type NamedPace,
  type PhaseKind,
  phaseKinds,
  type Progression,
} from '@nadir/core/spec/choices';
import { useState } from 'react';
import { errorSentence } from '../../api/call-error.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { TextAnswer } from '../../components/TextAnswer.js';
import { DownIcon, UpIcon } from '../../theme/icons.js';
import styles from './Shorthand.module.css';
import { OwnFamily } from './OwnFamily.js';
import { useLibrary } from './useLibrary.js';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import * as wording from './wording.js';

/** The coach's sessions and the product's: searched, seen in all their exposures, made one's own. */
export function Library({
  paces,
  table,
  whose,
  unit,
  onTry,
}: {
  paces: SessionPaces;
  table: readonly NamedPace[];
  whose: string;
  unit: Unit;
  onTry: (text: string) => void;
}) {
  const editor = useLibrary();
  const [asked, setAsked] = useState('');
  const [phase, setPhase] = useState<PhaseKind | ''>('');
  const [open, setOpen] = useState<string>();
  const all = [...editor.own, ...startingFamilies];
  const found = all.filter(
    (family) => says(family, asked) && (phase === '' || family.phases.includes(phase)),
  );
  return (
    <section className={styles.library} aria-label={wording.library}>
      <h2 className="display">{wording.library}</h2>
      {typeof editor.state !== 'string' && <ErrorNote>{errorSentence(editor.state)}</ErrorNote>}
      <div className={styles.find}>
        <TextAnswer
          label={wording.find}
          width={220}
          placeholder={wording.namePurposeOrTag}
          value={asked}
          given
          onAnswer={setAsked}
        />
        <ChoiceAnswer
          label={wording.phase}
          value={phase}
          choices={[
            ['', wording.anyPhase] as const,
            ...phaseKinds.map((kind) => [kind, kind.replaceAll('-', ' ')] as const),
          ]}
          onAnswer={setPhase}
        />
        <span role="status">
          {wording.shownOfAll(
            found.length,
            all.length,
            editor.problems.length > 0 ? wording.notSavedYet : '',
          )}
        </span>
      </div>
      <ul className="plain-list">
        {found.map((family) => {
          const index = editor.own.indexOf(family);
          const isOpen = open === family.id;
          return (
            <li key={family.id}>
              <ButtonBase
                className={styles.family}
                aria-expanded={isOpen}
                onClick={() => setOpen(isOpen ? undefined : family.id)}
              >
                <span>
                  <b>{family.name}</b> {index >= 0 && <i>{wording.myOwn}</i>}
                  <span className={styles.purpose}>
                    {family.purpose} <i>{family.tags.join(' · ')}</i>
                  </span>
                </span>
                {isOpen ? <UpIcon /> : <DownIcon />}
              </ButtonBase>
              {isOpen && (
                <div className={styles.open}>
                  {index >= 0 && (
                    <OwnFamily
                      family={family}
                      problem={editor.problems.find(({ path }) => path[0] === index)}
                      table={table}
                      paces={paces}
                      onChange={(part) => editor.set(index, part)}
                      onRemove={() => editor.remove(index)}
                    />
                  )}
                  <Exposures
                    family={family}
                    paces={paces}
                    table={table}
                    whose={whose}
                    unit={unit}
                    onTry={onTry}
                  />
                  <Button variant="outlined" onClick={() => setOpen(editor.add(family))}>
                    {wording.makeACopyMyOwn}
                  </Button>
                </div>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** All exposures in a row, and what each comes to. */
function Exposures({
  family,
  paces,
  table,
  whose,
  unit,
  onTry,
}: {
  family: Progression;
  paces: SessionPaces;
  table: readonly NamedPace[];
  whose: string;
  unit: Unit;
  onTry: (text: string) => void;
}) {
  const exposures = exposuresOf(family, paces, table);
  return (
    <Table size="small" className="figures">
      <caption>
        {wording.everyExposureAtThePaces(
          whose,
          family.fit === false ? wording.inABlockItIsRun : wording.inABlockEachIsSized,
        )}
      </caption>
      <TableHead>
        <TableRow>
          <TableCell scope="col">{wording.exposure}</TableCell>
          <TableCell scope="col">{wording.session}</TableCell>
          <TableCell scope="col">{wording.hard(unit)}</TableCell>
          <TableCell scope="col">{wording.hardTime}</TableCell>
        </TableRow>
      </TableHead>
      <TableBody>
        {exposures.map(({ shorthand, totals }, index) => (
          <TableRow key={index}>
            <TableCell component="th" scope="row">
              {index + 1}
            </TableCell>
            <TableCell>
              <Button variant="outlined" onClick={() => onTry(shorthand)}>
                {shorthand}
              </Button>
            </TableCell>
            <TableCell>{formatTenthsOf(totals.hardDistance, unit)}</TableCell>
            <TableCell>{formatDuration(totals.hardTime)}</TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}

function says({ name, purpose, tags, start }: Progression, asked: string): boolean {
  const words = asked.toLowerCase().split(/\s+/).filter(Boolean);
  const text = [name, purpose, start, ...tags].join(' ').toLowerCase();
  return words.every((word) => text.includes(word));
}
