import { DEFAULT_RULES } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { eq } from 'drizzle-orm';
import type { Scope } from '../common/scope.ts';
import type { Handle } from '../db/handle.ts';
import { setting } from '../db/schema/index.ts';
import type { AccuracyDto, BandsDto, Settings, StoredSettings } from './setting.dto.ts';

@Injectable()
export class SettingsRepository {
  async read(scope: Scope, db: Handle): Promise<StoredSettings> {
    const own = eq(setting.academyId, scope.academyId);
    const [row] = await db.select().from(setting).where(own);
    const { naming, firstRoute, bands, accuracy } = row ?? DEFAULT_RULES;
    return {
      naming,
      firstRoute,
      bands: { ...DEFAULT_RULES.bands, ...stored<BandsDto>(bands) },
      accuracy: { ...DEFAULT_RULES.accuracy, ...stored<AccuracyDto>(accuracy) },
      version: row?.version ?? 0,
    };
  }

  async write(
    scope: Scope,
    tx: Handle,
    value: Settings,
    version: number,
    updatedAt: string,
  ): Promise<void> {
    const row = {
      naming: value.naming,
      firstRoute: value.firstRoute,
      bands: JSON.stringify(value.bands),
      accuracy: JSON.stringify(value.accuracy),
      version,
      updatedAt,
    };
    await tx
      .insert(setting)
      .values({ ...row, academyId: scope.academyId })
      .onConflictDoUpdate({ target: setting.academyId, set: row });
  }
}

/** Returns what is stored of a group of settings, as JSON, or the defaults themselves. */
const stored = <T extends object>(group: string | T): Partial<T> =>
  typeof group === 'string' ? (JSON.parse(group) as Partial<T>) : group;
