import { applyDecorators, UseGuards } from '@nestjs/common';
import { ApiTooManyRequestsResponse } from '@nestjs/swagger';
import { SkipThrottle, ThrottlerGuard } from '@nestjs/throttler';
import type { ThrottlerModuleOptions } from '@nestjs/throttler';
import type { Request } from 'express';
import { Problem } from '../common/problem.ts';

/** How often somebody may try, and within which time, ms. */
export const LIMITS = {
  /** Passwords, keys and links from one address. */
  address: { limit: 20, ttl: 60_000 },
  /** What one page is asked. */
  page: { limit: 240, ttl: 60_000 },
  /** Pages asked from one address, whatever their tokens: a studio shares one, a guesser tries many. */
  pages: { limit: 600, ttl: 60_000 },
} as const;

const text = (value: unknown): string => (typeof value === 'string' ? value : '');

const addressOf = (request: Request): string => request.ip ?? '';

export const throttling: ThrottlerModuleOptions = {
  errorMessage: 'Too many tries. Wait a while, then try again.',
  throttlers: [
    { name: 'address', ...LIMITS.address, getTracker: (request) => addressOf(request as Request) },
    { name: 'pages', ...LIMITS.pages, getTracker: (request) => addressOf(request as Request) },
    {
      name: 'page',
      ...LIMITS.page,
      getTracker: ({ params }) => text((params as Record<string, unknown>)['token']),
    },
  ],
};

const limited = (but: Record<string, boolean>) =>
  applyDecorators(
    UseGuards(ThrottlerGuard),
    SkipThrottle(but),
    ApiTooManyRequestsResponse({ type: Problem }),
  );

/** Few tries from an address; wrong passwords are slowed down besides (slow-door.ts). */
export const LimitedTries = () => limited({ page: true, pages: true });

/** A page is asked no more than a person could. */
export const LimitedPage = () => limited({ address: true });
