import { issuesOfPaces } from '@nadir/core/layout/validate';
import { defaultPaces } from '@nadir/core/paces';
import type { Issue } from '@nadir/core/spec';
import type { NamedPace } from '@nadir/core/spec/choices';
import { namedPaces, problemsOf } from '@nadir/contract';
import { useRef, useState } from 'react';
import { useSavePacesMutation } from '../../api/api.js';
import type { CallError } from '../../api/call-error.js';
import { useCoaching } from '../../api/coaching.js';
import * as wording from './wording.js';

/** The coach's table of paces as it is being edited. */
interface NamedPacesEditor {
  table: NamedPace[];
  /** What stands in the way of saving it; what was saved before stands until then. */
  problems: Issue[];
  state: 'saved' | 'saving' | CallError;
  set: (index: number, part: Partial<NamedPace>) => void;
  add: () => void;
  remove: (index: number) => void;
  /** Moves a pace down by so many places, up by fewer than none. */
  move: (index: number, by: number) => void;
  /** Back to the product's own. */
  reset: () => void;
}

/** The same, saved one change after the other as long as they make sense. */
export function useNamedPaces(): NamedPacesEditor {
  const coaching = useCoaching();
  const [table, setTable] = useState<NamedPace[]>(coaching.paces ?? defaultPaces);
  const [problems, setProblems] = useState<Issue[]>([]);
  const [state, setState] = useState<'saved' | 'saving' | CallError>('saved');
  const [save] = useSavePacesMutation();
  const line = useRef(Promise.resolve());

  function keep(next: NamedPace[], wished: NamedPace[] | null = next): void {
    setTable(next);
    const found = problemsOfTable(next);
    setProblems(found);
    if (found.length > 0) return;
    setState('saving');
    line.current = line.current.then(async () => {
      const { error } = await save({ table: wished });
      setState(error && 'kind' in error ? error : 'saved');
    });
  }

  return {
    table,
    problems,
    state,
    set: (index, part) =>
      keep(table.map((pace, place) => (place === index ? { ...pace, ...part } : pace))),
    add: () => {
      const name = freeName(table);
      keep([...table, { id: idOf(name, table), name, base: { race: 10_000 }, offset: [0, 0] }]);
    },
    remove: (index) => keep(table.filter((_, place) => place !== index)),
    move: (index, by) => {
      const next = [...table];
      const [taken] = next.splice(index, 1);
      if (taken) next.splice(index + by, 0, taken);
      keep(next);
    },
    reset: () => keep(defaultPaces, null),
  };
}

/** The shape first, then whether it makes sense; paths start at the place in the table. */
function problemsOfTable(table: NamedPace[]): Issue[] {
  const parsed = namedPaces.safeParse(table);
  return parsed.success ? issuesOfPaces(table) : problemsOf(parsed.error, table);
}

function freeName(table: readonly NamedPace[]): string {
  const taken = new Set(table.map(({ name }) => name.toLowerCase()));
  const numbers = Array.from({ length: table.length + 1 }, (_, index) => index + 1);
  const free = numbers.find((number) => !taken.has(`pace ${number}`)) ?? table.length + 1;
  return wording.pace2(free);
}

/** With room for a number behind it. */
const LONGEST_ID = 36;

/** From its first name; what uses the pace goes by this and follows when it is renamed. */
function idOf(name: string, table: readonly NamedPace[]): string {
  const taken = new Set(table.map(({ id }) => id));
  const words = name.toLowerCase().match(/[a-z0-9]+/g) ?? ['pace'];
  const wished = words.join('-').slice(0, LONGEST_ID);
  let id = wished;
  for (let turn = 2; taken.has(id); turn++) id = `${wished}-${turn}`;
  return id;
}
