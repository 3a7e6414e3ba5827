import { useSaveSettingsMutation } from '../../api/api.js';
import { useSignedIn } from '../../api/session.js';

type Rows = 'four' | 'all';

/** How many rows of the Ledger are open, kept for the coach. */
export function useLedgerRows(): { open: Rows; setOpen: (rows: Rows) => void } {
  const { ledgerRows } = useSignedIn().coach.settings;
  const [save] = useSaveSettingsMutation();
  return { open: ledgerRows, setOpen: (rows) => void save({ ledgerRows: rows }) };
}
