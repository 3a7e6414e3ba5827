import { useEffect, useState } from 'react';
import { hear, liveTabs, tell, thisTab } from './tabs.js';

/**
 * Whether the block is open in another tab of this browser.
 *
 * @param onSaved called when another tab has saved it
 */
export function useOtherTabs(block: string, onSaved: () => void): boolean {
  const [others, setOthers] = useState<ReadonlySet<string>>(new Set());

  useEffect(() => {
    const here = (answer: boolean) => tell({ kind: 'open', tab: thisTab, block, answer });
    const leave = () => tell({ kind: 'left', tab: thisTab, block });
    const stop = hear((message) => {
      if (message.kind === 'signed-out' || message.block !== block) return;
      if (message.kind === 'left') {
        setOthers((old) => new Set([...old].filter((tab) => tab !== message.tab)));
      }
      if (message.kind === 'open') {
        setOthers((old) => new Set([...old, message.tab]));
        if (message.answer) here(false);
      }
    });
    // A tab that was killed says nothing.
    const look = async () => {
      const live = await liveTabs();
      setOthers((old) => new Set([...old].filter((tab) => live.has(tab))));
    };
    const lookAgain = () => void look();
    here(true);
    window.addEventListener('pagehide', leave);
    document.addEventListener('visibilitychange', lookAgain);
    return () => {
      leave();
      stop();
      window.removeEventListener('pagehide', leave);
      document.removeEventListener('visibilitychange', lookAgain);
    };
  }, [block]);

  useEffect(
    () =>
      hear((message) => {
        if (message.kind === 'saved' && message.block === block) onSaved();
      }),
    [block, onSaved],
  );
  return others.size > 0;
}
