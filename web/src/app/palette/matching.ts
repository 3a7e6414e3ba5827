/** Something that can be found by its name. */
export interface Found {
  name: string;
  kind: 'athlete' | 'block' | 'week' | 'page' | 'act';
  /** What a coach does next where they are: it leads while nothing is typed. */
  next?: boolean;
  run: () => void;
}

const MOST = 12;

/**
 * Those whose name or kind holds every word that is typed; names that begin with the first one lead,
 * and before anything is typed what is done next.
 */
export function matching(all: readonly Found[], typed: string): Found[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  const [first = ''] = words;
  const held = all.filter(({ name, kind }) => {
    const text = `${name} ${kind}`.toLowerCase();
    return words.every((word) => text.includes(word));
  });
  const leads = ({ name, next = false }: Found) =>
    first === '' ? next : name.toLowerCase().startsWith(first);
  return [...held.filter(leads), ...held.filter((each) => !leads(each))].slice(0, MOST);
}
