import type { Week } from '@nadir/core';
import type { LedgerRow } from './ledger-rows.js';
interface LedgerCellProps {
  row: LedgerRow;
  week: Week;
  text: string;
  active: boolean;
  selected: boolean;
  lit: boolean;
  /** What is being typed; undefined when nothing is. */
  typed: string | undefined;
  wrong: boolean;
  last: boolean;
  onGo: () => void;
  onOpen: () => void;
  onType: (text: string) => void;
  onLeave: () => void;
}
/** One figure under its own week; the one that is typed in holds a field. */
export declare function LedgerCell(props: LedgerCellProps): import('react').JSX.Element;
export {};
