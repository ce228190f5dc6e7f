import { Body, Controller, Delete, Get, HttpCode, Param, Patch, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import type { Scope } from '../common/scope.ts';
import { NamesItsChange, Writes } from '../history/writer.ts';
import type { Writer } from '../history/history.service.ts';
import { May } from '../door/abilities.ts';
import { ChangePerson, Invitation, Invite, NewLink, Person } from './account.dto.ts';
import { PeopleService } from './people.service.ts';
import { Recorded } from './record/recorded.ts';
import { Within } from '../door/within.ts';

/** Returns what somebody may do from now on. */
const roleWords = ({ name, role, mayEnter }: Person): string =>
  `${name}: ${mayEnter ? role : 'may no longer sign in'}`;

@ApiTags('people')
@Controller('api')
export class PeopleController {
  constructor(private readonly people: PeopleService) {}

  @Get('people')
  @May('see')
  @ApiOkResponse({ type: [Person] })
  list(@Within() scope: Scope): Promise<Person[]> {
    return this.people.list(scope);
  }

  @Patch('people/:id')
  @May('own')
  @Recorded('role-changed', (_request, answer) => ({ detail: roleWords(answer as Person) }))
  @ApiOkResponse({ type: Person })
  @NamesItsChange()
  change(
    @Within() scope: Scope,
    @Param('id') id: string,
    @Body() body: ChangePerson,
    @Writes() writer: Writer,
  ): Promise<Person> {
    return this.people.change(scope, id, body, writer);
  }

  @Post('people/:id/reset')
  @May('own')
  @Recorded('reset-link', (_request, answer) => ({ detail: (answer as NewLink).name }))
  @ApiCreatedResponse({ type: NewLink, description: 'Lets them choose a new password, once' })
  @NamesItsChange()
  reset(
    @Within() scope: Scope,
    @Param('id') id: string,
    @Writes() writer: Writer,
  ): Promise<NewLink> {
    return this.people.reset(scope, id, writer);
  }

  @Get('invitations')
  @May('own')
  @ApiOkResponse({ type: [Invitation] })
  invitations(@Within() scope: Scope): Promise<Invitation[]> {
    return this.people.invitations(scope);
  }

  @Post('invitations')
  @May('own')
  @Recorded('invited', ({ body }) => ({
    detail: `${(body as Invite).name}, as ${(body as Invite).role}`,
  }))
  @ApiCreatedResponse({ type: NewLink })
  @NamesItsChange()
  invite(@Within() scope: Scope, @Body() body: Invite, @Writes() writer: Writer): Promise<NewLink> {
    return this.people.invite(scope, body, writer);
  }

  @Delete('invitations/:id')
  @HttpCode(204)
  @May('own')
  @ApiNoContentResponse()
  withdraw(@Within() scope: Scope, @Param('id') id: string): Promise<void> {
    return this.people.withdraw(scope, id);
  }
}
