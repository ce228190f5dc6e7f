import { DEFAULT_BANDS, DEVICE_ACCURACY } from '@loxos/core';
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
    const { faceAngleDeg, clubPathDeg, spinAxisTiltDeg } = DEVICE_ACCURACY;
    const usual = { faceAngleDeg, clubPathDeg, spinAxisTiltDeg };
    if (row === undefined) {
      return {
        naming: 'start-and-bend',
        firstSchool: 'costliest',
        bands: { ...DEFAULT_BANDS },
        accuracy: usual,
      };
    }
    return {
      naming: row.naming,
      firstSchool: row.firstSchool,
      bands: JSON.parse(row.bands) as BandsDto,
      accuracy: { ...usual, ...(JSON.parse(row.accuracy) as Partial<AccuracyDto>) },
    };
  }

  async put({ naming, firstSchool, bands, accuracy }: Settings): Promise<Settings> {
    const row = {
      naming,
      firstSchool,
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
