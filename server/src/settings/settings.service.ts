import { DEFAULT_RULES, fieldsOf, recordOf } from '@loxos/core';
import type { Fields } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { eq } from 'drizzle-orm';
import { Clock } from '../common/clock.ts';
import { checked } from '../common/validation.ts';
import { setting } from '../db/schema/index.ts';
import { Store } from '../db/store.ts';
import type { Handle } from '../db/handle.ts';
import type { Change } from '../history/change.ts';
import { HistoryService } from '../history/history.service.ts';
import { Settings } from './setting.dto.ts';
import type { AccuracyDto, BandsDto, StoredSettings } from './setting.dto.ts';
import type { Scope } from '../common/scope.ts';

@Injectable()
export class SettingsService {
  constructor(
    private readonly store: Store,
    private readonly history: HistoryService,
    private readonly clock: Clock,
  ) {}

  get(scope: Scope): Promise<StoredSettings> {
    return this.store.read((db) => this.read(scope, db));
  }

  /** Changes some of the settings; what they come to is checked as a whole. */
  edit(scope: Scope, asked: Fields, what: string, change: Change): Promise<StoredSettings> {
    return this.store.write(async (tx) => {
      const { version, ...now } = await this.read(scope, tx);
      const current = fieldsOf('setting', now);
      const changes = fieldsOf('setting', asked);
      const value = await checked(Settings, recordOf('setting', { ...current, ...changes }));
      const of = { thing: 'setting', id: scope.academyId, version } as const;
      const edit = await this.history.edit(scope, tx, of, current, changes, what, change);
      if (edit === null) return { ...now, version };
      await this.write(scope, tx, value, edit.version);
      return this.read(scope, tx);
    });
  }

  private async read(scope: Scope, db: Handle): Promise<StoredSettings> {
    const own = eq(setting.academyId, scope.academyId);
    const [row] = await db.select().from(setting).where(own);
    if (row === undefined) {
      const { naming, firstRoute, bands, accuracy } = DEFAULT_RULES;
      return { naming, firstRoute, bands, accuracy, version: 0 };
    }
    return {
      naming: row.naming,
      firstRoute: row.firstRoute,
      bands: { ...DEFAULT_RULES.bands, ...(JSON.parse(row.bands) as Partial<BandsDto>) },
      accuracy: {
        ...DEFAULT_RULES.accuracy,
        ...(JSON.parse(row.accuracy) as Partial<AccuracyDto>),
      },
      version: row.version,
    };
  }

  private async write(scope: Scope, tx: Handle, value: Settings, version: number): Promise<void> {
    const row = {
      naming: value.naming,
      firstRoute: value.firstRoute,
      bands: JSON.stringify(value.bands),
      accuracy: JSON.stringify(value.accuracy),
      version,
      updatedAt: this.clock.text(),
    };
    await tx
      .insert(setting)
      .values({ ...row, academyId: scope.academyId })
      .onConflictDoUpdate({ target: setting.academyId, set: row });
  }
}
