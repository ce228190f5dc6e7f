import type { TakenHow } from '../db/store.ts';

/** Things behind a link, and since when each is closed. */
const BEHIND_LINKS = [
  ['page', 'shared_page', 'withdrawn_at'],
  ['feed', 'calendar_feed', 'ended_at'],
] as const;

/**
 * How a copy is put back: who may enter, which browsers are known and what was closed stay as they are now, and what is closed
 * now is closed in what comes back. A page that was withdrawn and given again is open. What is noted now of a player's consent
 * stays, or a copy would bring back one that was taken back; so does who reads what is personal, as it is now, and which token a bay
 * has, if any: one that was ended lets nobody send again.
 */
export const STAYS_CLOSED: Required<TakenHow> = {
  kept: [
    'user',
    'session',
    'link',
    'known_device',
    'passkey',
    'recovery_code',
    'door_event',
    'closed',
  ],
  before: [
    'CREATE TEMP TABLE consent_now AS SELECT * FROM main.player_consent',
    'CREATE TEMP TABLE personal_now AS SELECT id, personal_for FROM main.academy',
    'CREATE TEMP TABLE bay_now AS SELECT id, token_hash, token_at FROM main.bay',
    ...BEHIND_LINKS.flatMap(([kind, table, since]) => [
      `DELETE FROM main.closed WHERE kind = '${kind}'
       AND key IN (SELECT token_hash FROM main.${table} WHERE ${since} IS NULL)`,
      `INSERT OR IGNORE INTO main.closed (kind, key, academy_id, at)
       SELECT '${kind}', token_hash, academy_id, ${since} FROM main.${table} WHERE ${since} IS NOT NULL`,
    ]),
  ],
  after: [
    'DELETE FROM main.player_consent WHERE player_id IN (SELECT player_id FROM consent_now)',
    `INSERT INTO main.player_consent (player_id, academy_id, value, updated_at)
       SELECT consent_now.player_id, player.academy_id, consent_now.value, consent_now.updated_at
       FROM consent_now JOIN main.player ON player.id = consent_now.player_id`,
    'DROP TABLE consent_now',
    `UPDATE main.academy SET personal_for =
       (SELECT personal_now.personal_for FROM personal_now WHERE personal_now.id = main.academy.id)
     WHERE id IN (SELECT id FROM personal_now)`,
    'DROP TABLE personal_now',
    `UPDATE main.bay SET
       token_hash = (SELECT bay_now.token_hash FROM bay_now WHERE bay_now.id = main.bay.id),
       token_at = (SELECT bay_now.token_at FROM bay_now WHERE bay_now.id = main.bay.id)`,
    'DROP TABLE bay_now',
    ...BEHIND_LINKS.map(
      ([kind, table, since]) =>
        `UPDATE main.${table} SET ${since} =
         (SELECT at FROM main.closed WHERE kind = '${kind}' AND key = token_hash)
       WHERE ${since} IS NULL AND token_hash IN (SELECT key FROM main.closed WHERE kind = '${kind}')`,
    ),
  ],
};
