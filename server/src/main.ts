import { pino } from 'pino';
import { AccountsService } from './accounts/accounts.service.ts';
import { LinksService } from './accounts/links.service.ts';
import { createApp } from './app.ts';
import { configFrom, dataFolder } from './config.ts';
import { CatchUp } from './record/catch-up.ts';
import { isLoopback } from './common/own-origin.ts';
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
  if (!isLoopback(config.host) && !(await app.get(AccountsService).door()).isFounded)
    throw new RangeError(
      `The academy has no owner yet, so it is not opened to a network: start without HOST, found it in the browser, then start again with HOST.`,
    );
  await app.listen(config.port, config.host);
  app.get(CatchUp).start();
  const address = app.getHttpServer().address() as { port: number };
  const origin = config.origins[0] ?? `http://${config.host}:${address.port}`;
  const lines = [`Loxos is at ${origin}`];
  const forgotten = process.env['LOXOS_NEW_PASSWORD_FOR'];
  if (forgotten !== undefined) {
    const token = await app.get(LinksService).resetFor(forgotten.trim().toLowerCase());
    lines.push(
      token === null
        ? `Nobody signs in as ${forgotten}: check LOXOS_NEW_PASSWORD_FOR.`
        : `Choose a new password at ${origin}/join#${token}`,
    );
  }
  process.stdout.write(`${lines.join('\n')}\n`);
} catch (error) {
  process.stderr.write(`${startTrouble(error, dataFolder(process.env))}\n`);
  process.exit(1);
}
