import Button from '@mui/material/Button';
import {
  defaultHouseRules,
  raceClass,
  type Rule,
  ruleCatalogue,
  type RuleGroup,
  ruleGroups,
  ruleValue,
  withRuleChanges,
} from '@nadir/core/rules';
import { ChoiceAnswer } from '../../components/ChoiceAnswer.js';
import { Field } from '../../components/Field.js';
import { RuleField } from '../../components/RuleField.js';
import type { QuestionProps } from './QuestionProps.js';
import * as wording from './wording.js';

/** Rules of this block alone: the house’s stay as they are, here and elsewhere. */
export function OverrideQuestions({ asked, wishes, measure, change }: QuestionProps) {
  const values = wishes.overrides.values;
  const own = Object.keys(values);
  const set = (next: Record<string, number>) =>
    change({ overrides: { ...asked.overrides, values: next } });
  const house = withRuleChanges(defaultHouseRules, wishes.houseRules);
  const race = raceClass(wishes.race.distance).name;
  const offered = ruleCatalogue.filter(
    (rule) => !own.includes(rule.path) && (rule.race === undefined || rule.race === race),
  );
  return (
    <>
      {own.map((path) => {
        const rule = ruleCatalogue.find((each) => each.path === path);
        const { [path]: value, ...others } = values;
        if (!rule || value === undefined) return null;
        return (
          <Field key={path} label={nameOf(rule)} because={rule.why}>
            {() => (
              <>
                <RuleField
                  rule={rule}
                  value={value}
                  unit={measure.unit}
                  onAnswer={(figure) => set({ ...values, [path]: figure })}
                />{' '}
                <Button
                  variant="outlined"
                  aria-label={wording.asInTheHouseRules(nameOf(rule))}
                  onClick={() => set(others)}
                >
                  {wording.asInTheHouseRules2}
                </Button>
              </>
            )}
          </Field>
        );
      })}
      <Field label={wording.addARule} because={wording.aRuleWithAFigure}>
        {({ id, describedBy }) => (
          <ChoiceAnswer<string>
            id={id}
            describedBy={describedBy}
            value=""
            width={220}
            choices={offered.map(({ path, title }) => [path, title] as const)}
            onAnswer={(path) => set({ ...values, [path]: ruleValue(house, path) ?? 0 })}
          >
            <option value="" disabled>
              {wording.chooseARule}
            </option>
            {groups.map(([group, title]) => (
              <optgroup key={group} label={title}>
                {offered
                  .filter((rule) => rule.group === group)
                  .map((rule) => (
                    <option key={rule.path} value={rule.path}>
                      {rule.title}
                    </option>
                  ))}
              </optgroup>
            ))}
          </ChoiceAnswer>
        )}
      </Field>
    </>
  );
}

const groups = Object.entries(ruleGroups) as [RuleGroup, string][];

function nameOf({ group, title }: Rule): string {
  return `${ruleGroups[group]}: ${title.toLowerCase()}`;
}
