import { Injectable } from '@nestjs/common';
import type { Scope } from '../common/scope.ts';
import { Store } from '../db/store.ts';
import type { StoredSettings } from './setting.dto.ts';
import { SettingsRepository } from './settings.repository.ts';

@Injectable()
export class SettingsService {
  constructor(
    private readonly store: Store,
    private readonly settings: SettingsRepository,
  ) {}

  /** Returns the academy's rules; the core's own where it has said nothing. */
  get(scope: Scope): Promise<StoredSettings> {
    return this.store.read((db) => this.settings.read(scope, db));
  }
}
