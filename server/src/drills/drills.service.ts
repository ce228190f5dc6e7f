import { Injectable } from '@nestjs/common';
import type { Scope } from '../common/scope.ts';
import { Store } from '../db/store.ts';
import type { OwnDrill } from './drill.dto.ts';
import { DrillsRepository } from './drills.repository.ts';

@Injectable()
export class DrillsService {
  constructor(
    private readonly store: Store,
    private readonly drills: DrillsRepository,
  ) {}

  /** Returns the academy's own drills in the order made. */
  list(scope: Scope): Promise<OwnDrill[]> {
    return this.store.read((db) => this.drills.list(scope, db));
  }
}
