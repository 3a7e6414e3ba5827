import { systemClock } from './clock/clock.js';
import { type Config, readConfig } from './config/config.js';
import { createApp } from './create-app.js';
import { SignInService } from './sign-in/sign-in.service.js';

/** Starts the server and prints its address and what it holds, one line of JSON for whoever started it. */
async function start(config: Config): Promise<void> {
  const app = await createApp(config, systemClock(config.today));
  await app.listen(config.port, config.host);
  const session = await app.get(SignInService).session(undefined);
  const { demo, firstCoachWanted } = session;
  const said = { listening: await app.getUrl(), demo, firstCoachWanted };
  process.stdout.write(`${JSON.stringify(said)}\n`);
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
