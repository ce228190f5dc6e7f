import { DEFAULT_RULES } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { eq } from 'drizzle-orm';
import { AcademyService } from '../academy/academy.service.ts';
import { nowText } from '../common/clock.ts';
import { setting } from '../db/schema/index.ts';
import { Store } from '../db/store.ts';
import type { AccuracyDto, BandsDto, Settings } from './setting.dto.ts';

@Injectable()
export class SettingsService {
  constructor(
    private readonly store: Store,
    private readonly academies: AcademyService,
  ) {}

  async get(): Promise<Settings> {
    const own = eq(setting.academyId, this.academies.id);
    const [row] = await this.store.read((db) => db.select().from(setting).where(own));
    if (row === undefined) return DEFAULT_RULES;
    return {
      naming: row.naming,
      firstRoute: row.firstRoute,
      bands: { ...DEFAULT_RULES.bands, ...(JSON.parse(row.bands) as Partial<BandsDto>) },
      accuracy: {
        ...DEFAULT_RULES.accuracy,
        ...(JSON.parse(row.accuracy) as Partial<AccuracyDto>),
      },
    };
  }

  async put({ naming, firstRoute, bands, accuracy }: Settings): Promise<Settings> {
    const row = {
      naming,
      firstRoute,
      bands: JSON.stringify(bands),
      accuracy: JSON.stringify(accuracy),
      updatedAt: nowText(),
    };
    await this.store.write(async (tx) => {
      await tx
        .insert(setting)
        .values({ ...row, academyId: this.academies.id })
        .onConflictDoUpdate({ target: setting.academyId, set: row });
    });
    return this.get();
  }
}
