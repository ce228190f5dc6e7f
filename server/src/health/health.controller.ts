import { Controller, Get } from '@nestjs/common';
import { ApiOkResponse, ApiProperty, ApiTags } from '@nestjs/swagger';
import { sql } from 'drizzle-orm';
import { May } from '../door/abilities.ts';
import { Store } from '../db/store.ts';

class Health {
  @ApiProperty({ enum: ['ok'] }) readonly status!: 'ok';
}

@ApiTags('health')
@Controller('api/health')
export class HealthController {
  constructor(private readonly store: Store) {}

  @Get()
  @May('anyone')
  @ApiOkResponse({ type: Health })
  async health(): Promise<Health> {
    await this.store.read((db) => db.run(sql`select 1`));
    return { status: 'ok' };
  }
}
