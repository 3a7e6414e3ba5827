import type { Unit } from '@nadir/core/base';
import type { Rule } from '@nadir/core/rules';
import { memo } from 'react';
import { figureText } from '../../components/rule-figure.js';
import { RuleField } from '../../components/RuleField.js';

/** What a rule is at one race distance, and what is usual there; drawn anew where it has changed. */
export const RaceFigure = memo(function RaceFigure({
  rule,
  value,
  unit,
  onAnswer,
}: {
  rule: Rule;
  value: number;
  unit: Unit;
  onAnswer: (rule: Rule, value: number) => void;
}) {
  return (
    <>
      <RuleField
        rule={rule}
        value={value}
        unit={unit}
        onAnswer={(answer) => onAnswer(rule, answer)}
      />
      <span id={`${rule.path}-why`} className="muted">
        {rule.usual.map((end) => figureText(rule, end, unit)).join('–')}
      </span>
    </>
  );
});
