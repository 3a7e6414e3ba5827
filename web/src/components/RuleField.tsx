import OutlinedInput from '@mui/material/OutlinedInput';
import InputAdornment from '@mui/material/InputAdornment';
import FormHelperText from '@mui/material/FormHelperText';
import type { Unit } from '@nadir/core/base';
import { defaultHouseRules, type Rule, ruleValue } from '@nadir/core/rules';
import { memo, useState } from 'react';
import type { FieldState } from '../theme/theme.js';
import { useBefore } from './useBefore.js';
import { figureText, readFigure, shownAs } from './rule-figure.js';

/** A figure of the house rules, typed in the coach's unit; one of many on a page, drawn anew where it has changed. */
export const RuleField = memo(function RuleField({
  rule,
  value,
  unit,
  onAnswer,
}: {
  rule: Rule;
  value: number;
  unit: Unit;
  onAnswer: (value: number, rule: Rule) => void;
}) {
  const [typed, setTyped] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const changed = ruleValue(defaultHouseRules, rule.path) !== value;
  const state: FieldState = changed ? 'given' : 'worked-out';
  const counted = rule.race ? '' : shownAs(rule, unit).unit;

  const { before, onLeft } = useBefore(value);

  function onType(text: string) {
    setTyped(text);
    const old = before();
    const read = readFigure(rule, text, unit);
    setProblem(typeof read === 'string' ? read : undefined);
    const next = typeof read === 'number' ? read : old;
    if (next !== value) onAnswer(next, rule);
  }

  return (
    <>
      <OutlinedInput
        id={rule.path}
        data-state={state}
        error={problem !== undefined}
        value={typed ?? figureText(rule, value, unit)}
        sx={{ width: rule.race ? 64 : counted.length > 3 ? 116 : 92 }}
        endAdornment={counted && <InputAdornment position="end">{counted}</InputAdornment>}
        slotProps={{
          input: {
            inputMode: 'decimal',
            'aria-label': rule.race ? `${rule.title}, ${rule.race}` : undefined,
            'aria-describedby': `${rule.path}-why`,
          },
        }}
        onChange={({ target }) => onType(target.value)}
        onBlur={() => {
          onLeft();
          if (problem === undefined) setTyped(undefined);
        }}
      />
      {problem && (
        <FormHelperText error role="alert">
          {problem}
        </FormHelperText>
      )}
    </>
  );
});
