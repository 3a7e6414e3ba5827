import Button from '@mui/material/Button';
import { type CheckedBlock, rulesThatAllow } from '@nadir/core';
import type { Unit } from '@nadir/core/base';
import { waiveAll } from '@nadir/core/edit';
import { useMemo, useState } from 'react';
import { useCoachingQuery, useSaveHouseRulesMutation } from '../../api/api.js';
import { errorSentence } from '../../api/call-error.js';
import { ErrorNote } from '../../components/ErrorNote.js';
import { figureText, shownAs } from '../../components/rule-figure.js';
import { useSay } from '../../components/messages.js';
import type { Commands } from '../useCommands.js';
import styles from './Checks.module.css';
import { WaiveForm } from './WaiveForm.js';
import * as wording from '../wording.js';

interface MyRulesProps {
  block: CheckedBlock;
  unit: Unit;
  today: string;
  commands: Commands;
}

/** A block that departs from the house rules in many things: the rules as they would have to be, set in one go. */
export function MyRules(props: MyRulesProps) {
  const [open, setOpen] = useState(false);
  return open ? (
    <RulesOfBlock {...props} onClose={() => setOpen(false)} />
  ) : (
    <Button onClick={() => setOpen(true)}>{wording.thisIsHowICoach}</Button>
  );
}

function RulesOfBlock({
  block,
  unit,
  today,
  commands,
  onClose,
}: MyRulesProps & { onClose: () => void }) {
  const { data: coaching } = useCoachingQuery();
  const say = useSay();
  const [save, { error }] = useSaveHouseRulesMutation();
  const found = useMemo(() => rulesThatAllow(block, today), [block, today]);
  const { allowing, change, left } = found;
  // What could hurt is waived one by one, if at all.
  const open = block.findings.filter(
    ({ level, past, waived }) => level !== 'stop' && !past && waived === undefined,
  );
  const house = coaching?.houseRules;
  const values = Object.fromEntries(allowing.map(({ rule, to }) => [rule.path, to]));

  async function set() {
    if (!house) return;
    const saved = await save({ ...house, values: { ...house.values, ...values } });
    if (saved.error) return;
    const [issue] = commands.run({ change, message: wording.setTheHouseRulesToThisBlock });
    if (issue) say({ text: issue.message });
    else onClose();
  }

  return (
    <section aria-label={wording.myRules} className={styles.mine}>
      {allowing.length === 0 ? (
        <p>{wording.noHouseRuleCanBeSet}</p>
      ) : (
        <>
          <p>{wording.yourHouseRulesWouldBecome}</p>
          <ul>
            {allowing.map(({ rule, from, to }) => (
              <li key={rule.path}>
                {rule.title}: {figureText(rule, from, unit)} →{' '}
                <b>
                  {figureText(rule, to, unit)} {shownAs(rule, unit).unit}
                </b>
              </li>
            ))}
          </ul>
        </>
      )}
      {left.length > 0 && <p className="small muted">{wording.checksWouldRemain(left.length)}</p>}
      {error && 'kind' in error && <ErrorNote>{errorSentence(error)}</ErrorNote>}
      {allowing.length > 0 && (
        <Button variant="outlined" disabled={!house} onClick={() => void set()}>
          {wording.setMyHouseRules}
        </Button>
      )}
      {open.length > 1 && (
        <WaiveForm
          label={wording.waiveChecks(open.length)}
          words={wording.orAReasonToLetAll}
          onWaive={(reason) => {
            if (commands.run(waiveAll(block, open, reason)).length === 0) onClose();
          }}
        />
      )}
      <Button onClick={onClose}>{wording.leaveTheRulesAsThey}</Button>
    </section>
  );
}
