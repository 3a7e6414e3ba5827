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
import { errorSentence, useSquadQuery } from '../../api/api.js';
import { useSignedIn } from '../../api/session.js';
import { TextAnswer } from '../../components/TextAnswer.js';
import { Tick } from '../../components/Tick.js';
import styles from './HouseRules.module.css';
import { ErrorNote } from '../../components/ErrorNote.js';
import { TitleBlock } from '../../components/TitleBlock.js';
import { ChecksSwitches } from './ChecksSwitches.js';
import { countFlags, flagWords } from './flag-counts.js';
import { RaceRulesTable } from './RaceRulesTable.js';
import { figureText, shownAs } from '../../components/rule-figure.js';
import { RuleField } from '../../components/RuleField.js';
import { useHouseRules } from './useHouseRules.js';

const groups = Object.entries(ruleGroups).filter(([group]) => group !== 'races') as [
  RuleGroup,
  string,
][];

/** Every limit and default the coach may set, with its usual range, its reason and what it flags now. */
export function HouseRulesPage() {
  const { coach, today } = useSignedIn();
  const { draft, state, set, turn } = useHouseRules();
  const { data } = useSquadQuery();
  useEffect(() => {
    document.title = 'House rules · Nadir';
  }, []);
  const unit: Unit = coach.settings.unit === 'mi' ? 'mi' : 'km';
  const rules = useMemo(() => withRuleChanges(defaultHouseRules, draft), [draft]);
  const blocks = useMemo(
    () => data?.athletes.flatMap(({ block }) => block?.wishes ?? []) ?? [],
    [data],
  );
  const counted = useDeferredValue(draft);
  const counts = useMemo(() => countFlags(blocks, counted, today), [blocks, counted, today]);
  const [typed, setTyped] = useState('');
  const [onlyChanged, setOnlyChanged] = useState(false);
  const isWanted = ({ path, title, why }: Rule) =>
    `${title} ${why}`.toLowerCase().includes(typed.trim().toLowerCase()) &&
    (!onlyChanged || ruleValue(rules, path) !== ruleValue(defaultHouseRules, path));
  const row = (rule: Rule) => {
    const value = ruleValue(rules, rule.path) ?? 0;
    const usual = rule.usual.map((end) => figureText(rule, end, unit)).join(' to ');
    return (
      <TableRow key={rule.path}>
        <TableCell component="th" scope="row">
          <label htmlFor={rule.path}>{rule.title}</label>
        </TableCell>
        <TableCell>
          <RuleField
            rule={rule}
            value={value}
            unit={unit}
            onAnswer={(answer) => set(rule, answer)}
          />
        </TableCell>
        <TableCell className={styles.nowrap}>{withUnit(usual, shownAs(rule, unit).unit)}</TableCell>
        <TableCell id={`${rule.path}-why`}>{rule.why}</TableCell>
        <TableCell aria-live="polite" className={styles.nowrap}>
          {flagWords(counts, rule.checks)}
        </TableCell>
      </TableRow>
    );
  };
  return (
    <>
      <TitleBlock
        title="House rules"
        detail="Your limits and defaults. Blocks already laid out keep theirs; each offers to take the new ones."
      >
        <span role="status">
          {state === 'saving' ? 'Saving …' : state === 'saved' ? 'Saved' : ''}
        </span>
      </TitleBlock>
      <main className="page">
        {typeof state === 'object' && (
          <ErrorNote>{errorSentence(state)} The last change is not kept.</ErrorNote>
        )}
        <div className={styles.find}>
          <TextAnswer
            label="Find a rule"
            width={240}
            placeholder="Find a rule"
            value={typed}
            given
            onAnswer={setTyped}
          />
          <Tick label="Changed only" checked={onlyChanged} onAnswer={setOnlyChanged} />
        </div>
        {groups.map(([group, title]) => {
          const found = ruleCatalogue.filter((rule) => rule.group === group && isWanted(rule));
          if (found.length === 0) return null;
          return (
            <Fold key={group} open title={<span className="display">{title}</span>}>
              <Table size="small" className={styles.rules} aria-label={title}>
                <TableHead>
                  <TableRow>
                    <TableCell scope="col">Rule</TableCell>
                    <TableCell scope="col">Yours</TableCell>
                    <TableCell scope="col">Usual</TableCell>
                    <TableCell scope="col">Why</TableCell>
                    <TableCell scope="col">In your blocks</TableCell>
                  </TableRow>
                </TableHead>
                <TableBody>{found.map(row)}</TableBody>
              </Table>
            </Fold>
          );
        })}
        <RaceRulesTable rules={rules} unit={unit} counts={counts} onAnswer={set} />
        <ChecksSwitches off={draft.off ?? []} counts={counts} onTurn={turn} />
      </main>
    </>
  );
}

/** `20 to 40%`; `2 to 4 weeks`. */
function withUnit(figures: string, unit: string): string {
  return unit === '%' ? `${figures}%` : `${figures} ${unit}`;
}
