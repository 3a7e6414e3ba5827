import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import { type AthleteAnswer, measureFor } from '@nadir/contract';
import { unitName } from '@nadir/core/base';
import { formatSteps } from '@nadir/core/base/format';
import { glanceOf, showBlock } from '@nadir/core/present/figures';
import { memo } from 'react';
import { useSignedIn } from '../../api/session.js';
import { LevelMark } from '../../components/LevelMark.js';
import { Tick } from '../../components/Tick.js';
import { SmallSection } from '../../drawing/SmallSection.js';
import styles from './Group.module.css';
import type { LaidForOne } from './group-blocks.js';
import * as wording from './wording.js';

/** An athlete of the group: the block as it would be, and what it says of itself. */
export const GroupRow = memo(function GroupRow({
  athlete,
  laid,
  standing,
  ticked,
  onTick,
}: {
  athlete: AthleteAnswer;
  laid: LaidForOne;
  /** The race that a block of theirs is toward already. */
  standing: string | undefined;
  ticked: boolean;
  onTick: (id: string, ticked: boolean) => void;
}) {
  const { id, facts } = athlete;
  return (
    <TableRow>
      <TableCell>
        <Tick
          label={facts.name}
          checked={ticked && laid.ok}
          disabled={!laid.ok}
          onAnswer={(isTicked) => onTick(id, isTicked)}
        />
        {standing !== undefined && <p className="small muted">{wording.hasABlockTo(standing)}</p>}
      </TableCell>
      {laid.ok ? (
        <Figures athlete={athlete} laid={laid} />
      ) : (
        <TableCell colSpan={5} className="muted">
          {laid.problem}
        </TableCell>
      )}
    </TableRow>
  );
});

function Figures({
  athlete: { facts },
  laid: { block, unfit },
}: {
  athlete: AthleteAnswer;
  laid: LaidForOne & { ok: true };
}) {
  const { today, coach } = useSignedIn();
  const measure = measureFor(coach.settings, facts);
  const glance = glanceOf(block, block.findings, showBlock(block, measure), today);
  const { weeks, worst } = glance;
  const volumes = weeks.map(({ volume }) => volume);
  const longest = Math.max(...weeks.map(({ longRun }) => longRun));
  const steps = (amount: number) => formatSteps(amount, measure);
  return (
    <>
      <TableCell align="right">{weeks.length}</TableCell>
      <TableCell align="right" className={styles.figures}>
        {wording.fromTo(steps(volumes[0] ?? 0), steps(Math.max(...volumes)))} {unitName(measure)}
      </TableCell>
      <TableCell align="right">{steps(longest)}</TableCell>
      <TableCell className={styles.drawn}>
        <SmallSection glance={glance} today={today} label={facts.name} />
      </TableCell>
      <TableCell>
        {worst ? (
          <span className={styles.worst}>
            <LevelMark level={worst.level} />
            <span>
              {worst.title} <span className="muted">({worst.level})</span>
              {worst.others > 0 && (
                <span className="muted"> {wording.andMoreOf(worst.others)}</span>
              )}
            </span>
          </span>
        ) : (
          <span className="muted">{wording.noProblemsFound}</span>
        )}
        {unfit.length > 0 && (
          <p className="small muted">{wording.notAllOfItFits(unfit === 'all')}</p>
        )}
      </TableCell>
    </>
  );
}
