import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import type { Unit } from '@nadir/core/base';
import type { Rule } from '@nadir/core/rules';
import { memo } from 'react';
import { figureText, shownAs } from '../../components/rule-figure.js';
import { RuleField } from '../../components/RuleField.js';
import styles from './HouseRules.module.css';

/** One rule of a hundred on the page: drawn anew where its own figure, or what it flags, has changed. */
export const RuleRow = memo(function RuleRow({
  rule,
  value,
  unit,
  flagged,
  onAnswer,
}: {
  rule: Rule;
  value: number;
  unit: Unit;
  flagged: string;
  onAnswer: (value: number, rule: Rule) => void;
}) {
  const usual = rule.usual.map((end) => figureText(rule, end, unit)).join(' to ');
  return (
    <TableRow>
      <TableCell component="th" scope="row">
        <label htmlFor={rule.path}>{rule.title}</label>
      </TableCell>
      <TableCell>
        <RuleField rule={rule} value={value} unit={unit} onAnswer={onAnswer} />
      </TableCell>
      <TableCell className={styles.nowrap}>{withUnit(usual, shownAs(rule, unit).unit)}</TableCell>
      <TableCell id={`${rule.path}-why`}>{rule.why}</TableCell>
      <TableCell aria-live="polite" className={styles.nowrap}>
        {flagged}
      </TableCell>
    </TableRow>
  );
});

/** `20 to 40%`; `2 to 4 weeks`. */
function withUnit(figures: string, unit: string): string {
  return unit === '%' ? `${figures}%` : `${figures} ${unit}`;
}
