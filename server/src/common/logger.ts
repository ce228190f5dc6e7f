import type { LoggerService } from '@nestjs/common';
import type { Logger } from 'pino';

/** Nest's log lines through pino; start-up chatter goes to debug. */
export class NestPino implements LoggerService {
  constructor(private readonly pino: Logger) {}

  log(message: unknown): void {
    this.pino.debug(String(message));
  }
  debug(message: unknown): void {
    this.pino.debug(String(message));
  }
  warn(message: unknown): void {
    this.pino.warn(String(message));
  }
  error(message: unknown, stack?: unknown): void {
    this.pino.error({ stack }, String(message));
  }
}
