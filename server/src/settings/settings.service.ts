import { DEFAULT_BANDS } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { eq } from 'drizzle-orm';
import { AcademyService } from '../academy/academy.service.ts';
import { nowText } from '../common/clock.ts';
import { setting } from '../db/schema/index.ts';
import { Store } from '../db/store.ts';
import type { BandsDto, Settings } from './setting.dto.ts';

@Injectable()
export class SettingsService {
  constructor(
    private readonly store: Store,
    private readonly academies: AcademyService,
  ) {}

  async get(): Promise<Settings> {
    const own = eq(setting.academyId, this.academies.id);
    const [row] = await this.store.read((db) => db.select().from(setting).where(own));
    if (row === undefined) return { naming: 'start-and-bend', bands: { ...DEFAULT_BANDS } };
    return { naming: row.naming, bands: JSON.parse(row.bands) as BandsDto };
  }

  async put({ naming, bands }: Settings): Promise<Settings> {
    const row = { naming, bands: JSON.stringify(bands), updatedAt: nowText() };
    await this.store.write(async (tx) => {
      await tx
        .insert(setting)
        .values({ ...row, academyId: this.academies.id })
        .onConflictDoUpdate({ target: setting.academyId, set: row });
    });
    return this.get();
  }
}
