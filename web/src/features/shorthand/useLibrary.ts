import { issuesOfFamilies } from '@nadir/core/sessions/library';
import type { Issue } from '@nadir/core/spec';
import type { Progression } from '@nadir/core/spec/choices';
import { library, problemsOf } from '@nadir/contract';
import { useRef, useState } from 'react';
import { useSaveLibraryMutation } from '../../api/api.js';
import type { CallError } from '../../api/call-error.js';
import { useSay } from '../../components/messages.js';
import { useCoaching } from '../../api/coaching.js';
import * as wording from './wording.js';

/** The coach's own sessions as they are being edited. */
interface LibraryEditor {
  own: Progression[];
  /** What stands in the way of saving; what was saved before stands until then. */
  problems: Issue[];
  state: 'saved' | 'saving' | CallError;
  set: (index: number, part: Partial<Progression>) => void;
  /** Takes a copy as the coach's own; gives back its id. */
  add: (from: Progression) => string;
  remove: (index: number) => void;
  /** The one removed last, while it can be put back. */
}

/** The same, saved one change after the other as long as they can be read. */
export function useLibrary(): LibraryEditor {
  const coaching = useCoaching();
  const [own, setOwn] = useState<Progression[]>(coaching.library);
  const [problems, setProblems] = useState<Issue[]>([]);
  const [state, setState] = useState<LibraryEditor['state']>('saved');
  const say = useSay();
  const [save] = useSaveLibraryMutation();
  const line = useRef(Promise.resolve());

  function keep(next: Progression[]): void {
    setOwn(next);
    const parsed = library.safeParse(next);
    const found = parsed.success ? issuesOfFamilies(next) : problemsOf(parsed.error, next);
    setProblems(found);
    if (found.length > 0) return;
    setState('saving');
    line.current = line.current.then(async () => {
      const { error } = await save({ families: next });
      setState(error && 'kind' in error ? error : 'saved');
    });
  }

  return {
    own,
    problems,
    state,
    set: (index, part) =>
      keep(own.map((family, place) => (place === index ? { ...family, ...part } : family))),
    add(from) {
      const id = free(`own-${from.id}`, new Set(own.map((family) => family.id)), '-');
      const name = free(wording.myWay(from.name), new Set(own.map((each) => each.name)), ' ');
      // The coach's own is run as it is written, unless it is to be fitted.
      keep([...own, { ...from, id, name, fit: from.fit ?? false }]);
      return id;
    },
    remove(index) {
      const before = own;
      keep(own.filter((_, place) => place !== index));
      say({ text: wording.removed(own[index]?.name ?? ''), undo: () => keep(before) });
    },
  };
}

function free(wished: string, taken: ReadonlySet<string>, between: string): string {
  let found = wished;
  for (let turn = 2; taken.has(found); turn++) found = `${wished}${between}${turn}`;
  return found;
}
