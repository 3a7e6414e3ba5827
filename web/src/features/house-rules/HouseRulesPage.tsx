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
import { useDeferredValue, useEffect, useMemo } from 'react';
import { errorSentence, useSquadQuery } from '../../api/api.js';
import { useSignedIn } from '../../api/session.js';
import { token } from '../../theme/tokens.js';
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
  const row = (rule: Rule) => {
    const value = ruleValue(rules, rule.path) ?? 0;
    const usual = rule.usual.map((end) => figureText(rule, end, unit)).join(' to ');
    return (
      <tr key={rule.path}>
        <th scope="row">
          <label htmlFor={rule.path}>{rule.title}</label>
        </th>
        <td>
          <RuleField
            rule={rule}
            value={value}
            unit={unit}
            onAnswer={(answer) => set(rule, answer)}
          />
        </td>
        <td style={{ whiteSpace: 'nowrap' }}>
          {usual} {shownAs(rule, unit).unit}
        </td>
        <td id={`${rule.path}-why`}>{rule.why}</td>
        <td aria-live="polite" style={{ whiteSpace: 'nowrap' }}>
          {flagWords(counts, rule.checks)}
        </td>
      </tr>
    );
  };
  return (
    <>
      <TitleBlock
        title="House rules"
        detail="Your limits and defaults. Blocks already laid out keep theirs; each offers to take the new ones."
      >
        <span role="status">
          {state === 'saving' ? 'saving …' : state === 'saved' ? 'saved' : ''}
        </span>
      </TitleBlock>
      <main className="page house-rules">
        {typeof state === 'object' && (
          <ErrorNote>{errorSentence(state)} The last change is not kept.</ErrorNote>
        )}
        <table className="rules">
          <thead>
            <tr>
              <th scope="col">Rule</th>
              <th scope="col">Yours</th>
              <th scope="col">Usual</th>
              <th scope="col">Why</th>
              <th scope="col">In your blocks</th>
            </tr>
          </thead>
          {groups.map(([group, title]) => (
            <tbody key={group}>
              <tr>
                <th
                  colSpan={5}
                  scope="rowgroup"
                  className="display"
                  style={{ color: token('ink') }}
                >
                  {title}
                </th>
              </tr>
              {ruleCatalogue.filter((rule) => rule.group === group).map(row)}
            </tbody>
          ))}
        </table>
        <RaceRulesTable rules={rules} unit={unit} counts={counts} onAnswer={set} />
        <ChecksSwitches off={draft.off ?? []} counts={counts} onTurn={turn} />
      </main>
    </>
  );
}
