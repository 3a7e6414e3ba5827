import Button from '@mui/material/Button';
import { addDays } from '@nadir/core/base';
import { useConnectWatchMutation, useLazyWatchTracksQuery, useWatchQuery } from '../../api/api.js';
import { callError, errorSentence } from '../../api/call-error.js';
import { useSignedIn } from '../../api/session.js';
import { useSay } from '../../components/messages.js';
import { useEditor } from '../../editor/useEditor.js';
import styles from './BringIn.module.css';
import * as wording from './wording.js';

/** Days that are fetched at once. */
const DAYS = 14;

/** The watch of the athlete: connected, asked and disconnected like a device. A simulated one. */
export function WatchCard({
  onTracks,
}: {
  onTracks: (tracks: { name: string; text: string }[]) => void;
}) {
  const { today } = useSignedIn();
  const athleteId = useEditor((editor) => editor.block?.athleteId) ?? '';
  const { data } = useWatchQuery(athleteId);
  const [connect, connecting] = useConnectWatchMutation();
  const [fetchTracks, fetching] = useLazyWatchTracksQuery();
  const say = useSay();
  const connected = data?.connected === true;

  async function synchronise() {
    const query = { from: addDays(today, -DAYS), to: addDays(today, -1) };
    const { data: found, error } = await fetchTracks({ id: athleteId, query });
    const failed = callError(error);
    if (failed) say({ text: errorSentence(failed) });
    else if (!found || found.tracks.length === 0)
      say({ text: wording.theWatchHasNothingFromTheLast });
    else onTracks(found.tracks.map(({ name, gpx }) => ({ name, text: gpx })));
  }

  return (
    <section aria-label={wording.watch} className={styles.watch}>
      <h2 className="display">{wording.watch}</h2>
      <p className="muted">
        {connected ? wording.aSimulatedWatchIsConnected : wording.noWatchIsConnected}
      </p>
      <div className={styles.verdict}>
        {connected && (
          <Button
            variant="outlined"
            disabled={fetching.isFetching}
            onClick={() => void synchronise()}
          >
            {wording.synchronise}
          </Button>
        )}
        <Button
          variant={connected ? 'text' : 'outlined'}
          disabled={connecting.isLoading}
          onClick={() => void connect({ id: athleteId, connected: !connected })}
        >
          {connected ? wording.disconnect : wording.connectTheSimulatedWatch}
        </Button>
      </div>
    </section>
  );
}
