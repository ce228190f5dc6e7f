import { pino } from 'pino';
import { createApp } from './app.ts';
import { configFrom, dataFolder } from './config.ts';
import { startTrouble } from './start-trouble.ts';

/** Whatever hangs then, the app has ended by this time after it was told to, ms. */
const LAST_MOMENT_MS = 9000;

// What is written is the owner's alone: the database holds people's notes.
process.umask(0o077);
const logger = pino({ level: process.env['LOG_LEVEL'] ?? 'warn' });
for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.once(signal, () => setTimeout(() => process.exit(0), LAST_MOMENT_MS).unref());
try {
  const config = configFrom(process.env);
  const app = await createApp(config, logger);
  await app.listen(config.port, config.host);
  const address = app.getHttpServer().address() as { port: number };
  process.stdout.write(`Loxos is at http://${config.host}:${address.port}\n`);
} catch (error) {
  process.stderr.write(`${startTrouble(error, dataFolder(process.env))}\n`);
  process.exit(1);
}
