import { Controller, Get } from '@nestjs/common';
import { ApiOkResponse, ApiProperty, ApiTags } from '@nestjs/swagger';
import { sql } from 'drizzle-orm';
import { AcademyService } from '../academy/academy.service.ts';
import { Store } from '../db/store.ts';

class Health {
  @ApiProperty({ enum: ['ok'] }) readonly status!: 'ok';
  @ApiProperty({ description: 'Name of the academy shown' }) readonly academy!: string;
}

@ApiTags('health')
@Controller('api/health')
export class HealthController {
  constructor(
    private readonly store: Store,
    private readonly academies: AcademyService,
  ) {}

  @Get()
  @ApiOkResponse({ type: Health })
  async health(): Promise<Health> {
    await this.store.read((db) => db.run(sql`select 1`));
    return { status: 'ok', academy: this.academies.name };
  }
}
