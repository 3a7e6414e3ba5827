import type { Unit } from '@nadir/core/base';
import { defaultHouseRules, type Rule, ruleValue } from '@nadir/core/rules';
import { useState } from 'react';
import { token } from '../theme/tokens.js';
import { figureText, readFigure, shownAs } from './rule-figure.js';

/** A figure of the house rules, typed in the coach's unit. */
export function RuleField({
  rule,
  value,
  unit,
  onAnswer,
}: {
  rule: Rule;
  value: number;
  unit: Unit;
  onAnswer: (value: number) => void;
}) {
  const [typed, setTyped] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const changed = ruleValue(defaultHouseRules, rule.path) !== value;

  function onType(text: string) {
    setTyped(text);
    const read = readFigure(rule, text, unit);
    setProblem(typeof read === 'string' ? read : undefined);
    if (typeof read === 'number') onAnswer(read);
  }

  return (
    <>
      <input
        className={changed ? 'answer' : 'answer worked-out'}
        id={rule.path}
        aria-label={rule.race ? `${rule.title}, ${rule.race}` : undefined}
        aria-describedby={`${rule.path}-why`}
        aria-invalid={problem !== undefined}
        inputMode="decimal"
        value={typed ?? figureText(rule, value, unit)}
        title={problem}
        style={{ width: rule.race ? 58 : 64, textAlign: 'right' }}
        onChange={({ target }) => onType(target.value)}
        onBlur={() => {
          setTyped(undefined);
          setProblem(undefined);
        }}
      />
      {!rule.race && ` ${shownAs(rule, unit).unit}`}
      {problem && (
        <span role="alert" style={{ display: 'block', color: token('signal'), fontSize: 12.5 }}>
          {problem}
        </span>
      )}
    </>
  );
}
