import { fieldsOf, recordOf } from '@loxos/core';
import type { Fields } from '@loxos/core';
import { Injectable } from '@nestjs/common';
import { Edits } from '../history/edits.ts';
import type { Checking, Found, Saving } from '../history/edits.ts';
import type { Scope } from '../common/scope.ts';
import { checked } from '../common/validation.ts';
import type { Handle } from '../db/handle.ts';
import { Settings } from './setting.dto.ts';
import type { StoredSettings } from './setting.dto.ts';
import { SettingsRepository } from './settings.repository.ts';

const whole = (fields: Fields): Promise<Settings> => checked(Settings, recordOf('setting', fields));

/** The academy's rules, field by field; what they come to is checked as a whole. */
@Injectable()
export class SettingEdits extends Edits {
  readonly thing = 'setting';

  constructor(private readonly settings: SettingsRepository) {
    super();
  }

  async find(scope: Scope, db: Handle): Promise<Found> {
    const { version, ...now } = await this.settings.read(scope, db);
    const fields = fieldsOf('setting', now);
    return { id: scope.academyId, of: '', label: 'settings', fields, version };
  }

  override async check({ found: { fields }, fields: asked }: Checking): Promise<Fields> {
    const changes = fieldsOf('setting', asked);
    await whole({ ...fields, ...changes });
    return changes;
  }

  async save(scope: Scope, tx: Handle, { fields }: Found, saving: Saving): Promise<void> {
    const value = await whole({ ...fields, ...saving.fields });
    await this.settings.write(scope, tx, value, saving.version, saving.at);
  }

  read(scope: Scope, db: Handle): Promise<StoredSettings> {
    return this.settings.read(scope, db);
  }
}
