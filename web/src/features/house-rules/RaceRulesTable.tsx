import type { Unit } from '@nadir/core/base';
import {
  type HouseRules,
  raceClassNames,
  raceClassWords,
  type Rule,
  ruleCatalogue,
  ruleGroups,
  ruleValue,
} from '@nadir/core/rules';
import { type FlagCount, flagWords } from './flag-counts.js';
import { figureText, shownAs } from '../../components/rule-figure.js';
import { RuleField } from '../../components/RuleField.js';

const rows = [...new Set(raceRules().map(({ title }) => title))];

function raceRules(): readonly Rule[] {
  return ruleCatalogue.filter(({ group }) => group === 'races');
}

/** The figures that each race distance has of its own: a row a rule, a column a distance. */
export function RaceRulesTable({
  rules,
  unit,
  counts,
  onAnswer,
}: {
  rules: HouseRules;
  unit: Unit;
  counts: ReadonlyMap<string, FlagCount>;
  onAnswer: (rule: Rule, value: number) => void;
}) {
  return (
    <table className="rules">
      <thead>
        <tr>
          <th scope="col" className="display">
            {ruleGroups.races}
          </th>
          {raceClassNames.map((race) => (
            <th key={race} scope="col">
              {raceClassWords(race)}
            </th>
          ))}
          <th scope="col">Why</th>
          <th scope="col">In your blocks</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((title) => {
          const all = raceRules().filter((rule) => rule.title === title);
          const [first] = all;
          return (
            first && (
              <tr key={title}>
                <th scope="row">
                  {title}
                  {['%', 'km', 'mi'].includes(shownAs(first, unit).unit) &&
                    `, ${shownAs(first, unit).unit}`}
                </th>
                {raceClassNames.map((race) => {
                  const rule = all.find((each) => each.race === race);
                  return (
                    <td key={race} title={rule && usualWords(rule, unit)}>
                      {rule && (
                        <RuleField
                          rule={rule}
                          value={ruleValue(rules, rule.path) ?? 0}
                          unit={unit}
                          onAnswer={(value) => onAnswer(rule, value)}
                        />
                      )}
                      {rule && (
                        <span id={`${rule.path}-why`} className="usual">
                          {rule.usual.map((end) => figureText(rule, end, unit)).join('–')}
                        </span>
                      )}
                    </td>
                  );
                })}
                <td>{first.why}</td>
                <td style={{ whiteSpace: 'nowrap' }}>{flagWords(counts, first.checks)}</td>
              </tr>
            )
          );
        })}
      </tbody>
    </table>
  );
}

function usualWords(rule: Rule, unit: Unit): string {
  return `Usual: ${rule.usual.map((end) => figureText(rule, end, unit)).join(' to ')} ${shownAs(rule, unit).unit}`;
}
