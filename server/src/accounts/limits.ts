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
  /** Messages of one sender: it may send each ball by itself, and say that it is there. */
  bay: { limit: 6000, ttl: 60_000 },
  /** Messages from one address, whatever their tokens. */
  bays: { limit: 60_000, ttl: 60_000 },
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
    {
      name: 'bay',
      ...LIMITS.bay,
      getTracker: (request) => text((request as Request).headers.authorization),
    },
    { name: 'bays', ...LIMITS.bays, getTracker: (request) => addressOf(request as Request) },
  ],
};

const limited = (but: Record<string, boolean>) =>
  applyDecorators(
    UseGuards(ThrottlerGuard),
    SkipThrottle(but),
    ApiTooManyRequestsResponse({ type: Problem }),
  );

const BAYS = { bay: true, bays: true };

/** Few tries from an address; wrong passwords are slowed down besides (slow-door.ts). */
export const LimitedTries = () => limited({ page: true, pages: true, ...BAYS });

/** A page is asked no more than a person could. */
export const LimitedPage = () => limited({ address: true, ...BAYS });

/** A sender sends no more than it measures. */
export const LimitedBay = () => limited({ address: true, page: true, pages: true });
