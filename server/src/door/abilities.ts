import { SetMetadata } from '@nestjs/common';
import { ApiForbiddenResponse, ApiUnauthorizedResponse } from '@nestjs/swagger';
import { applyDecorators } from '@nestjs/common';
import { Problem } from '../common/problem.ts';
import type { Role } from '../common/scope.ts';

/**
 * What a route asks of whoever calls it: *see* what is there; *log* balls, blocks and repetitions; *plan* a lesson, its
 * players, the pages given out and the academy's rules; *own* its people and copies.
 */
export const ABILITIES = ['see', 'log', 'plan', 'own'] as const;
export type Ability = (typeof ABILITIES)[number];

export const CAN: Readonly<Record<Role, readonly Ability[]>> = {
  owner: ['see', 'log', 'plan', 'own'],
  coach: ['see', 'log', 'plan'],
  assistant: ['see', 'log'],
};

/** Returns whether somebody in a role may do something. */
export const can = (role: Role, ability: Ability): boolean => CAN[role].includes(ability);

/** What a refusal says. */
export const REFUSALS: Readonly<Record<Ability, string>> = {
  see: 'You may not see this.',
  log: 'You may not log balls here.',
  plan: 'An assistant logs balls and repetitions; plans and rules are changed by a coach. Ask one to change it.',
  own: 'This is for the owner of the academy. Ask them.',
};

/** A route that needs no session: `anyone`, or whoever holds a page's or a bay's token. */
export type Door = Ability | 'anyone' | 'page' | 'bay';
export const DOOR = 'loxos:door';

/** Returns whether a route asks for no session. */
export const isOpen = (door: Door): door is 'anyone' | 'page' | 'bay' =>
  door === 'anyone' || door === 'page' || door === 'bay';

/** Who may use a route. A route that does not say is closed. */
export const May = (door: Door): MethodDecorator =>
  isOpen(door)
    ? SetMetadata(DOOR, door)
    : applyDecorators(
        SetMetadata(DOOR, door),
        ApiUnauthorizedResponse({ type: Problem, description: 'Nobody is signed in' }),
        ApiForbiddenResponse({ type: Problem, description: `Needs the right to ${door}` }),
      );
