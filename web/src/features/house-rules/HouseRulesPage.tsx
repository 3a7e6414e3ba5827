import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { Unit } from '@nadir/core/base';
import {
  defaultHouseRules,
  type Rule,
  ruleCatalogue,
  type RuleGroup,
  ruleGroups,
  ruleValue,
  withRuleChanges,
} from '@nadir/core/rules';
import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import { Fold } from '../../components/Fold.js';
import { useFlagsQuery } from '../../api/api.js';
import { errorSentence } from '../../api/call-error.js';
import { useSignedIn } from '../../api/session.js';
import { TextAnswer } from '../../components/TextAnswer.js';
import { Tick } from '../../components/Tick.js';
import styles from './HouseRules.module.css';
import { ErrorNote } from '../../components/ErrorNote.js';
import { TitleBlock } from '../../components/TitleBlock.js';
import { ChecksSwitches } from './ChecksSwitches.js';
import { flagWords } from './flag-words.js';
import { RaceRulesTable } from './RaceRulesTable.js';
import { RuleRow } from './RuleRow.js';
import { useHouseRules } from './useHouseRules.js';
import * as wording from './wording.js';

const groups = Object.entries(ruleGroups).filter(([group]) => group !== 'races') as [
  RuleGroup,
  string,
][];

/** What is in sight at first; the other two hundred fields are drawn once it stands. */
const firstGroups = groups.slice(0, 3);

/** Every limit and default the coach may set, with its usual range, its reason and what it flags now. */
export function HouseRulesPage() {
  const { coach } = useSignedIn();
  const { draft, state, set, turn } = useHouseRules();
  const { data: flags } = useFlagsQuery(undefined, { refetchOnMountOrArgChange: true });
  useEffect(() => {
    document.title = wording.houseRulesNadir;
  }, []);
  const unit: Unit = coach.settings.unit === 'mi' ? 'mi' : 'km';
  const rules = useMemo(() => withRuleChanges(defaultHouseRules, draft), [draft]);
  const drawn = useDeferredValue(groups, firstGroups);
  const [typed, setTyped] = useState('');
  const [onlyChanged, setOnlyChanged] = useState(false);
  const isWanted = ({ path, title, why }: Rule) =>
    `${title} ${why}`.toLowerCase().includes(typed.trim().toLowerCase()) &&
    (!onlyChanged || ruleValue(rules, path) !== ruleValue(defaultHouseRules, path));
  const row = (rule: Rule) => (
    <RuleRow
      key={rule.path}
      rule={rule}
      value={ruleValue(rules, rule.path) ?? 0}
      unit={unit}
      flagged={flagWords(flags, rule.checks)}
      onAnswer={set}
    />
  );
  return (
    <>
      <TitleBlock title={wording.houseRules} detail={wording.yourLimitsAndDefaults}>
        <span role="status">
          {state === 'saving' ? wording.saving : state === 'saved' ? wording.saved : ''}
        </span>
      </TitleBlock>
      <main className="page">
        {typeof state === 'object' && (
          <ErrorNote>{wording.theLastChangeIsNotKept(errorSentence(state))}</ErrorNote>
        )}
        <div className={styles.find}>
          <TextAnswer
            label={wording.findARule}
            width={240}
            placeholder={wording.findARule}
            value={typed}
            given
            onAnswer={setTyped}
          />
          <Tick label={wording.changedOnly} checked={onlyChanged} onAnswer={setOnlyChanged} />
        </div>
        {drawn.map(([group, title]) => {
          const found = ruleCatalogue.filter((rule) => rule.group === group && isWanted(rule));
          if (found.length === 0) return null;
          return (
            <Fold key={group} open title={<span className="display">{title}</span>}>
              <Table
                size="small"
                className={`${styles.rules ?? ''} ${styles.aligned ?? ''}`}
                aria-label={title}
              >
                <TableHead>
                  <TableRow>
                    <TableCell scope="col">{wording.rule}</TableCell>
                    <TableCell scope="col">{wording.yours}</TableCell>
                    <TableCell scope="col">{wording.usual}</TableCell>
                    <TableCell scope="col">{wording.why}</TableCell>
                    <TableCell scope="col">{wording.inYourBlocks}</TableCell>
                  </TableRow>
                </TableHead>
                <TableBody>{found.map(row)}</TableBody>
              </Table>
            </Fold>
          );
        })}
        {drawn === groups && (
          <>
            <RaceRulesTable rules={rules} unit={unit} flags={flags} onAnswer={set} />
            <ChecksSwitches off={draft.off} flags={flags} onTurn={turn} />
          </>
        )}
      </main>
    </>
  );
}
