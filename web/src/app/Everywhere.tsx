import { Suspense, useEffect, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { keepFocus } from '../components/keep-focus.js';
import { later } from '../components/later.js';
import { useSignedIn } from '../api/session.js';
import { type Opened, hearOpen } from '../components/open-everywhere.js';

/** None of them is waited for by a page. */
const KeysDialog = later(async () => (await import('./KeysDialog.js')).KeysDialog);
const Palette = later(async () => (await import('./palette/Palette.js')).Palette);
const SplitsDialog = later(
  async () => (await import('../features/splits/SplitsDialog.js')).SplitsDialog,
);

/** What can be opened over any view, the keys, the palette, the splits; and keys that keep their place. */
export function Everywhere() {
  const [opened, setOpened] = useState<Opened>();
  const { singleKeys } = useSignedIn().coach.settings;
  useHotkeys('?', () => setOpened('keys'), { useKey: true, enabled: singleKeys }, [singleKeys]);
  useHotkeys(
    'mod+k',
    () => setOpened('palette'),
    { preventDefault: true, enableOnFormTags: true },
    [],
  );
  useEffect(() => hearOpen(setOpened), []);
  useEffect(() => keepFocus(document.body), []);
  const close = () => setOpened(undefined);
  return (
    <Suspense fallback={null}>
      {opened === 'keys' && <KeysDialog onClose={close} />}
      {opened === 'palette' && <Palette onClose={close} />}
      {opened === 'splits' && <SplitsDialog onClose={close} />}
    </Suspense>
  );
}
