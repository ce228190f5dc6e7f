import { pino } from 'pino';
import { createApp } from './app.ts';
import { configFrom } from './config.ts';

const logger = pino({ level: process.env['LOG_LEVEL'] ?? 'warn' });
try {
  const config = configFrom(process.env);
  const app = await createApp(config, logger);
  await app.listen(config.port, config.host);
  const address = app.getHttpServer().address() as { port: number };
  process.stdout.write(`Loxos is at http://${config.host}:${address.port}\n`);
} catch (error) {
  logger.fatal(error);
  process.exitCode = 1;
}
