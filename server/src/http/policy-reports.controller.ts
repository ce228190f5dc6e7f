import { Controller, HttpCode, Logger, Post, Req } from '@nestjs/common';
import { ApiNoContentResponse, ApiTags } from '@nestjs/swagger';
import type { Request } from 'express';
import { May } from '../door/abilities.ts';
import { LimitedTries } from '../accounts/limits.ts';
import { pathWords } from '../common/log-words.ts';

const MOST_LETTERS = 200;

/** Returns an address for the log: what stands behind ? or # may be anybody's, and a token is left out. */
function place(value: unknown): string {
  if (typeof value !== 'string') return 'nowhere';
  const text = value.slice(0, MOST_LETTERS);
  if (!URL.canParse(text)) return text.replace(/[^\w:-]/g, '');
  const { origin, pathname } = new URL(text);
  return `${origin}${pathWords(pathname)}`;
}

/** Returns what a report says, in a line for the log; null where it is none. */
export function reportLine(body: unknown): string | null {
  const report = (body as Record<string, unknown> | null)?.['csp-report'];
  if (typeof report !== 'object' || report === null) return null;
  const { 'effective-directive': directive, ...rest } = report as Record<string, unknown>;
  const rule = typeof directive === 'string' ? directive.replace(/[^a-z-]/g, '') : 'a rule';
  return `kept back by ${rule.slice(0, MOST_LETTERS)}: ${place(rest['blocked-uri'])} in ${place(rest['document-uri'])}`;
}

/** Takes what browsers say of the content security policy: something tried to run that is none of ours. */
@ApiTags('health')
@Controller('api/policy-reports')
export class PolicyReportsController {
  private readonly log = new Logger('policy');

  @Post()
  @May('anyone')
  @LimitedTries()
  @HttpCode(204)
  @ApiNoContentResponse()
  take(@Req() { body }: Request): void {
    const line = reportLine(body);
    if (line !== null) this.log.warn(line);
  }
}
