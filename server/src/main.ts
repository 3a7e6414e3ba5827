import { systemClock } from './clock/clock.js';
import { type Config, readConfig } from './config/config.js';
import { createApp } from './create-app.js';

/** Starts the server and prints its address as one line of JSON for whoever started it. */
async function start(config: Config): Promise<void> {
  const app = await createApp(config, systemClock(config.today));
  await app.listen(config.port, config.host);
  process.stdout.write(`${JSON.stringify({ listening: await app.getUrl() })}\n`);
  if (config.hasParent) {
    // A parent that was killed closes this pipe; nobody else would stop us.
    process.stdin.resume().on('end', () => void app.close().then(() => process.exit(0)));
  }
}

try {
  await start(readConfig(process.env));
} catch (error) {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exit(1);
}
