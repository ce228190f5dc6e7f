import { mkdtempSync, readFileSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'libsql';
import { fillLarge } from './large.ts';

const MIGRATIONS = join(__dirname, '../../server/drizzle');
const NOW = new Date('2026-06-01T12:00:00Z');
const SMALL = { players: 3, lessons: 2, balls: 8 } as const;

const folder = mkdtempSync(join(tmpdir(), 'loxos-large-'));
afterAll(() => rmSync(folder, { recursive: true }));

/** An academy with an owner, as the server lays it out, filled. */
function filled(name: string): Database.Database {
  const file = join(folder, name);
  const db = new Database(file);
  for (const sql of readdirSync(MIGRATIONS)
    .filter((one) => one.endsWith('.sql'))
    .sort())
    db.exec(readFileSync(join(MIGRATIONS, sql), 'utf8').replaceAll('--> statement-breakpoint', ''));
  db.exec("insert into academy (id, name, created_at) values ('a', 'Saltmarsh', '2026-01-01')");
  db.exec(
    "insert into user (id, academy_id, email, name, role, password_hash, created_at) values ('u', 'a', 'm@x', 'Maren', 'owner', '', '2026-01-01')",
  );
  expect(fillLarge(file, NOW, SMALL)).toBe(48);
  return db;
}
const all = (db: Database.Database, sql: string) => db.prepare(sql).all();

describe('the large academy', () => {
  it('is the same each time, and made once', () => {
    const [one, other] = [filled('one.db'), filled('other.db')];
    for (const table of ['player', 'lesson', 'block', 'ball', 'repetition', 'shared_page'])
      expect(all(one, `select * from ${table}`)).toEqual(all(other, `select * from ${table}`));
    expect(fillLarge(join(folder, 'one.db'), NOW, SMALL)).toBe(0);
    one.close();
    other.close();
  });

  it('holds what it says: counts that are kept, balls that fly, nothing that refers to nothing', () => {
    const db = filled('third.db');
    expect(
      all(
        db,
        'select ball_count as n, count(*) as has from lesson join ball on ball.lesson_id = lesson.id group by lesson.id',
      ),
    ).toEqual(Array.from({ length: 6 }, () => ({ n: 8, has: 8 })));
    expect(all(db, 'select 1 from ball where carry_m is null or carry_m < 10')).toEqual([]);
    expect(all(db, 'pragma foreign_key_check')).toEqual([]);
    expect(all(db, 'select distinct kind from block order by kind')).toEqual(
      ['baseline', 'drill', 'play'].map((kind) => ({ kind })),
    );
    db.close();
  });
});
