import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { Flags } from '@nadir/contract';
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
import { flagWords } from './flag-words.js';
import { figureText, shownAs } from '../../components/rule-figure.js';
import styles from './HouseRules.module.css';
import { RuleField } from '../../components/RuleField.js';
import * as wording from './wording.js';

const rows = [...new Set(raceRules().map(({ title }) => title))];

function raceRules(): readonly Rule[] {
  return ruleCatalogue.filter(({ group }) => group === 'races');
}

/** The figures that each race distance has of its own: a row a rule, a column a distance. */
export function RaceRulesTable({
  rules,
  unit,
  flags,
  onAnswer,
}: {
  rules: HouseRules;
  unit: Unit;
  flags: Flags | undefined;
  onAnswer: (value: number, rule: Rule) => void;
}) {
  return (
    <Table size="small" className={styles.rules}>
      <TableHead>
        <TableRow>
          <TableCell scope="col" className="display">
            {ruleGroups.races}
          </TableCell>
          {raceClassNames.map((race) => (
            <TableCell key={race} scope="col">
              {raceClassWords(race)}
            </TableCell>
          ))}
          <TableCell scope="col">{wording.why}</TableCell>
          <TableCell scope="col">{wording.inYourBlocks}</TableCell>
        </TableRow>
      </TableHead>
      <TableBody>
        {rows.map((title) => {
          const all = raceRules().filter((rule) => rule.title === title);
          const [first] = all;
          return (
            first && (
              <TableRow key={title}>
                <TableCell component="th" scope="row">
                  {title}
                  {['%', 'km', 'mi'].includes(shownAs(first, unit).unit) &&
                    `, ${shownAs(first, unit).unit}`}
                </TableCell>
                {raceClassNames.map((race) => {
                  const rule = all.find((each) => each.race === race);
                  return (
                    <TableCell key={race}>
                      {rule && (
                        <RuleField
                          rule={rule}
                          value={ruleValue(rules, rule.path) ?? 0}
                          unit={unit}
                          onAnswer={onAnswer}
                        />
                      )}
                      {rule && (
                        <span id={`${rule.path}-why`} className="muted">
                          {rule.usual.map((end) => figureText(rule, end, unit)).join('–')}
                        </span>
                      )}
                    </TableCell>
                  );
                })}
                <TableCell>{first.why}</TableCell>
                <TableCell className={styles.nowrap}>{flagWords(flags, first.checks)}</TableCell>
              </TableRow>
            )
          );
        })}
      </TableBody>
    </Table>
  );
}
