import type { PacesOn } from '../paces/paces-on.js';
import { middleOf } from '../paces/named-pace.js';

/** The paces a session is worked out at, s/km. */
export interface SessionPaces {
  /** A pace by its name, its id or a short form such as `10k`; undefined for none. */
  find: (name: string) => { id: string; pace: number } | undefined;
  easy: number;
  /** Between repetitions. */
  jog: number;
  /** This quick, running is hard. */
  hardFrom: number;
}

const WITHOUT_ANY = 360;
/** Seconds per km slower than marathon pace at which running begins to be hard. Policy. */
const HARD_WITHIN = 5;

/** The paces of a day as sessions use them. */
export function sessionPaces({ rows }: Pick<PacesOn, 'rows'>): SessionPaces {
  const known = rows.flatMap(({ pace, used }) =>
    used ? [{ id: pace.id, name: plain(pace.name), pace: middleOf(used) }] : [],
  );
  const byId = (id: string) => known.find((each) => each.id === id)?.pace;
  const easy = byId('easy') ?? WITHOUT_ANY;
  return {
    find(name) {
      const asked = plain(name);
      return (
        known.find((each) => each.name === asked || plain(each.id) === asked) ??
        known.find((each) => each.name.startsWith(asked))
      );
    },
    easy,
    jog: byId('recovery') ?? easy,
    hardFrom: (byId('marathon') ?? easy - 60) + HARD_WITHIN,
  };
}

/** `10 km`, `10-km` and `10k` are one name. */
function plain(name: string): string {
  return name
    .toLowerCase()
    .replace(/[^a-z0-9]/g, '')
    .replace(/^(\d+)k$/, '$1km');
}
