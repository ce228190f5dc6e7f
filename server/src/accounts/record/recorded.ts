import { Injectable, SetMetadata, UseInterceptors, applyDecorators } from '@nestjs/common';
import type { CallHandler, ExecutionContext, NestInterceptor } from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import { concatMap } from 'rxjs';
import type { Observable } from 'rxjs';
import { browserOf } from '../browser.ts';
import { scopeOf } from '../../door/within.ts';
import type { Admitted } from '../../door/within.ts';
import type { DoorEventKind } from '../../db/schema/door-event.ts';
import { DoorRecordService } from './door-record.service.ts';
import type { Happening } from './door-record.service.ts';

/** What of a request and its answer goes into the record. */
type About = Pick<Happening, 'detail' | 'playerId' | 'lessonId'>;
interface Rule {
  readonly kind: DoorEventKind;
  readonly about: (request: Admitted, answer: unknown) => About;
}
const RULE = 'loxos:recorded';

/** Writes requests into the record of doors once they were done, and before the answer goes: nothing leaves unwritten. */
@Injectable()
export class RecordsDoors implements NestInterceptor {
  constructor(
    private readonly reflector: Reflector,
    private readonly record: DoorRecordService,
  ) {}

  intercept(context: ExecutionContext, next: CallHandler): Observable<unknown> {
    const { kind, about } = this.reflector.get<Rule>(RULE, context.getHandler());
    const request = context.switchToHttp().getRequest<Admitted>();
    const { academyId, userId } = scopeOf(request);
    const note = (answer: unknown): Promise<void> =>
      this.record.write(
        { academyId, kind, userId, who: request.who ?? '', ...about(request, answer) },
        browserOf(request),
      );
    return next.handle().pipe(concatMap((answer: unknown) => note(answer).then(() => answer)));
  }
}

/** Writes every use of a route into the record of doors. */
export const Recorded = (kind: DoorEventKind, about: Rule['about'] = () => ({})): MethodDecorator =>
  applyDecorators(SetMetadata(RULE, { kind, about }), UseInterceptors(RecordsDoors));

const param = ({ params }: Admitted, name: string): string => {
  const value = params[name];
  return typeof value === 'string' ? value : '';
};

/** About the player or the lesson a route names. */
export const ofPlayer =
  (detail = '') =>
  (request: Admitted): About => ({ detail, playerId: param(request, 'id') });
export const ofLesson =
  (detail: string, name: string) =>
  (request: Admitted): About => ({ detail, lessonId: param(request, name) });
