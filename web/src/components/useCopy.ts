import { useSay } from './messages.js';
import * as wording from './wording.js';

/** Puts a text on the clipboard, and says so; where a browser does not let a page, what to do. */
export function useCopy(): (text: string, said: string) => Promise<void> {
  const say = useSay();
  return async (text, said) => {
    try {
      await navigator.clipboard.writeText(text);
      say({ text: said });
    } catch {
      say({ text: wording.thisBrowserDoesNotLetAPage });
    }
  };
}
