import { createParamDecorator } from '@nestjs/common';
import type { ExecutionContext } from '@nestjs/common';
import type { Request } from 'express';
import type { Scope } from '../common/scope.ts';

/** A request that the door has let in. */
export interface Admitted extends Request {
  scope?: Scope;
  sessionId?: string;
  /** When this browser was signed in. */
  signedInAt?: string;
  /** The name of whoever is signed in. */
  who?: string;
}

/** Returns the scope of a request. Throws where the door was passed by: a route must say who may use it. */
export function scopeOf(request: Admitted): Scope {
  if (request.scope === undefined) throw new Error('a scope was asked for where there is none');
  return request.scope;
}

/** When the browser that asks was signed in, an instant. */
export const SignedInAt = createParamDecorator(
  (_data: unknown, context: ExecutionContext): string => {
    const { signedInAt } = context.switchToHttp().getRequest<Admitted>();
    if (signedInAt === undefined) throw new Error('nobody is signed in here');
    return signedInAt;
  },
);

/** Who asks, and within which academy. */
export const Within = createParamDecorator((_data: unknown, context: ExecutionContext): Scope =>
  scopeOf(context.switchToHttp().getRequest<Admitted>()),
);

/** Whom a write is put down to where nobody is signed in: only a page's player can make one. */
const PLAYER = 'player';

/** Returns the name of who asks. */
export const whoOf = ({ who }: Admitted): string => who ?? PLAYER;
