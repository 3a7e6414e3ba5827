import Button from '@mui/material/Button';
import type { HouseRulesBody } from '@nadir/contract';
import type { CheckedBlock } from '@nadir/core';
import type { Measure } from '@nadir/core/base';
import { whatChanged } from '@nadir/core/present/compare';
import { useState } from 'react';
import styles from './Notice.module.css';
import type { Commands } from '../../editor/useCommands.js';
import * as wording from './wording.js';

/**
 * Where the house rules have changed since the block was laid out: an offer to
 * lay it out under the new ones, with what that would move. Nothing moves by itself.
 */
export function RulesOffer({
  houseRules,
  block,
  drawn,
  measure,
  commands,
}: {
  /** The coach’s own, as they are today. */
  houseRules: HouseRulesBody;
  block: CheckedBlock;
  drawn: CheckedBlock;
  measure: Measure;
  commands: Commands;
}) {
  const [seen, setSeen] = useState(false);
  if (sameRules(houseRules, block.spec.houseRules)) return null;
  const command = {
    change: { houseRules },
    message: wording.laidOutAgainUnderTodaysHouseRules,
  };
  const differences = seen ? whatChanged(block, drawn, measure) : [];
  return (
    <section aria-label={wording.houseRulesHaveChanged} className={styles.offer}>
      <p>{wording.yourHouseRulesHaveChangedSince}</p>
      {seen && differences.length === 0 && <p>{wording.noFigureOfThisBlockWouldMove}</p>}
      {differences.length > 0 && (
        <ul>
          {differences.map(({ name, before, after }) => (
            <li key={name}>
              {name}: {before} → <b>{after}</b>
            </li>
          ))}
        </ul>
      )}
      {seen ? (
        <>
          <Button variant="outlined" onClick={() => commands.run(command)}>
            {wording.useTheNewRules}
          </Button>
          <Button
            variant="outlined"
            onClick={() => {
              commands.cancel();
              setSeen(false);
            }}
          >
            {wording.keepAsItIs}
          </Button>
        </>
      ) : (
        <Button
          variant="outlined"
          onClick={() => {
            commands.show(command);
            setSeen(true);
          }}
        >
          {wording.seeWhatWouldChange}
        </Button>
      )}
    </section>
  );
}

interface Rules {
  values?: Record<string, number> | undefined;
  off?: readonly string[] | undefined;
}

function sameRules(a: Rules, b: Rules): boolean {
  return written(a) === written(b);
}

function written({ values = {}, off = [] }: Rules): string {
  const entries = Object.entries(values).sort(([x], [y]) => x.localeCompare(y));
  return JSON.stringify([entries, [...off].sort()]);
}
