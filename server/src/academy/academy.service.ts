import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { asc } from 'drizzle-orm';
import { nowText } from '../common/clock.ts';
import { academy } from '../db/schema/index.ts';
import { Store } from '../db/store.ts';

/** The academy whose rows this server shows: the only one until there is sign-in. */
@Injectable()
export class AcademyService {
  private current: { id: string; name: string } | null = null;

  constructor(private readonly store: Store) {}

  /** Finds the academy, or founds it under `name`. */
  async open(name: string): Promise<void> {
    this.current = await this.store.write(async (tx) => {
      const [found] = await tx.select().from(academy).orderBy(asc(academy.createdAt)).limit(1);
      if (found !== undefined) return found;
      const made = { id: randomUUID(), name, createdAt: nowText() };
      await tx.insert(academy).values(made);
      return made;
    });
  }

  get id(): string {
    return this.opened.id;
  }

  get name(): string {
    return this.opened.name;
  }

  private get opened(): { id: string; name: string } {
    if (this.current === null) throw new Error('the academy was used before it was opened');
    return this.current;
  }
}
