import { namePaces, RACE_PACE, shortPaceName } from '@nadir/core/sessions';
import type { NamedPace, Progression } from '@nadir/core/spec/choices';

/** Something that may stand where the coach is typing. */
export interface Completion {
  label: string;
  /** What it is, beside the label. */
  detail: string;
  /** The whole text with it in place. */
  text: string;
}

const MOST = 8;

/**
 * What may stand at the caret: names of paces after an @, and the coach's own
 * sessions and the product's where a part begins.
 */
export function completionsAt(
  text: string,
  caret: number,
  { table, families }: { table: readonly NamedPace[]; families: readonly Progression[] },
): Completion[] {
  const before = text.slice(0, caret);
  const part = before.slice(Math.max(before.lastIndexOf(';'), before.lastIndexOf('(')) + 1);
  const at = part.lastIndexOf('@');
  if (at >= 0) return paces(part.slice(at + 1).trimStart());
  const word = part.trimStart();
  return /^[a-zäöüß][a-zäöüß -]*$/i.test(word) ? sessions(word) : [];

  function paces(typed: string): Completion[] {
    // Behind an offset or a recovery nothing of a pace is left to say.
    if (/[+−,/]| -/.test(typed)) return [];
    const names = [...table.map(shortPaceName), RACE_PACE];
    return names
      .filter((name) => name.startsWith(typed.toLowerCase()) && name !== typed.toLowerCase())
      .slice(0, MOST)
      .map((name) => ({ label: name, detail: 'pace', text: put(typed, name) }));
  }

  function sessions(typed: string): Completion[] {
    return families
      .filter(({ name }) => name.toLowerCase().includes(typed.toLowerCase()))
      .slice(0, MOST)
      .map(({ name, start }) => {
        const named = namePaces(start, table);
        return { label: name, detail: named, text: put(typed, named) };
      });
  }

  function put(typed: string, whole: string): string {
    return `${before.slice(0, before.length - typed.length)}${whole}${text.slice(caret)}`;
  }
}
