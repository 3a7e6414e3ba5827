import type { HouseRulesBody } from '@nadir/contract';
import { defaultHouseRules, type Rule, ruleValue } from '@nadir/core/rules';
import { useCallback, useRef, useState } from 'react';
import { useSaveHouseRulesMutation } from '../../api/api.js';
import type { CallError } from '../../api/call-error.js';
import { useCoaching } from '../../api/coaching.js';

/** The coach's rules as they are being set. */
interface HouseRulesEditor {
  draft: HouseRulesBody;
  state: 'saved' | 'saving' | CallError;
  /** Sets a figure; the product's own when it is the default. */
  set: (value: number, rule: Rule) => void;
  /** Turns a check off, or on again. */
  turn: (check: string, on: boolean) => void;
}

/** The same, saved one change after the other as they are made. */
export function useHouseRules(): HouseRulesEditor {
  const coaching = useCoaching();
  const [draft, setDraft] = useState<HouseRulesBody>(coaching.houseRules);
  const [save] = useSaveHouseRulesMutation();
  const [state, setState] = useState<'saved' | 'saving' | CallError>('saved');
  const line = useRef(Promise.resolve());
  // What the next change starts from, whatever has been drawn by then.
  const latest = useRef(draft);

  const keep = useCallback(
    (next: HouseRulesBody): void => {
      latest.current = next;
      setDraft(next);
      setState('saving');
      // One after the other: a later answer is never overtaken by an earlier one.
      line.current = line.current.then(async () => {
        const { error } = await save(next);
        setState(error && 'kind' in error ? error : 'saved');
      });
    },
    [save],
  );
  const set = useCallback(
    (value: number, { path }: Rule) => {
      const { [path]: _old, ...others } = latest.current.values ?? {};
      const isDefault = ruleValue(defaultHouseRules, path) === value;
      keep({ ...latest.current, values: isDefault ? others : { ...others, [path]: value } });
    },
    [keep],
  );
  const turn = useCallback(
    (check: string, on: boolean) => {
      const others = (latest.current.off ?? []).filter((each) => each !== check);
      keep({ ...latest.current, off: on ? others : [...others, check] });
    },
    [keep],
  );
  return { draft, state, set, turn };
}
