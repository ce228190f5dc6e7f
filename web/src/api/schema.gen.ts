// Generated from the server's OpenAPI document by `npm run api`; do not edit.
export interface paths {
  '/api/door': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['door_state'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/academy': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['door_found'];
    delete?: never;
    options?: never;
    head?: never;
    patch: operations['account_changeAcademy'];
    trace?: never;
  };
  '/api/sessions': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['door_signIn'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sessions/key': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['door_useKey'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sessions/demo': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['door_demo'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/links/{token}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['door_open'];
    put?: never;
    post: operations['door_take'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/account': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['account_get'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch: operations['account_change'];
    trace?: never;
  };
  '/api/account/password': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['account_password'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/account/keys': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['account_key'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/account/sessions': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['account_list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/account/sessions/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post?: never;
    delete: operations['account_end'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sessions/this': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post?: never;
    delete: operations['account_leave'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['people_list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/people/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch: operations['people_change'];
    trace?: never;
  };
  '/api/people/{id}/reset': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['people_reset'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/invitations': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['people_invitations'];
    put?: never;
    post: operations['people_invite'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/invitations/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post?: never;
    delete: operations['people_withdraw'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/account/passkeys': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['passkeys_list'];
    put?: never;
    post: operations['passkeys_add'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/account/passkeys/question': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['passkeys_offer'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/account/passkeys/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post?: never;
    delete: operations['passkeys_remove'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sessions/passkey/question': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['passkeys_ask'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/sessions/passkey': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['passkeys_enter'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/doors': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['doorrecord_page'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/doors/news': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['doorrecord_news'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/doors/seen': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['doorrecord_seen'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/account/codes': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['codes_state'];
    put?: never;
    post: operations['codes_confirm'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/account/codes/offer': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['codes_offer'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/account/codes/end': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['codes_end'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/archive': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['archive_out'];
    put?: never;
    post: operations['archive_bringIn'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/players/{id}/archive': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['archive_outPlayer'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/players/{id}/erase': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['archive_erase'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/backups': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['backups_list'];
    put?: never;
    post: operations['backups_make'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/backups/restore': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['backups_restoreFile'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/backups/state': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['backups_state'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/backups/tried': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['backups_tryOut'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/backups/seal': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['backups_seal'];
    delete: operations['backups_unseal'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/backups/{name}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['backups_download'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/backups/{name}/restore': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['backups_restore'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/lessons/{lessonId}/balls': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['balls_page'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/lessons/{lessonId}/balls.csv': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['balls_csv'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/lessons/{lessonId}/balls.json': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['balls_json'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/lessons/{lessonId}/balls.xlsx': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['balls_sheet'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/lessons/{lessonId}/blocks': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['blocks_list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/account/calendar': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['calendar_get'];
    put?: never;
    post: operations['calendar_make'];
    delete: operations['calendar_end'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/calendar/{token}.ics': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['calendar_read'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/p/{token}/changes': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['pagechanges_take'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/changes': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['changes_take'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/lessons/{id}/history': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['past_ofLesson'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/players/{id}/history': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['past_ofPlayer'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/academy/history': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['past_ofAcademy'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/players/{id}/consent': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['consent_get'];
    put: operations['consent_note'];
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/given': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['day_last'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/players/{id}/given': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['day_ofPlayer'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/bays': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['bays_list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/bays/{id}/token': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['bays_makeToken'];
    delete: operations['bays_endToken'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/bays/{id}/waiting': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['bays_giveWaiting'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/live': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['live_take'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/lessons/{lessonId}/live': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['live_listen'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/drills': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['drills_list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/health': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['health_health'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/policy-reports': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['policyreports_take'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/files-under-way/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['uploadsunderway_find'];
    put?: never;
    post?: never;
    delete: operations['uploadsunderway_stop'];
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/lessons/{lessonId}/files': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['intake_list'];
    put?: never;
    post: operations['intake_bringIn'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/files/{id}/rows': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['intake_rows'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/files/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['intake_raw'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/file-sources': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['sources_all'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/kept': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['kept_inForce'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/kept/gone': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['kept_gone'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/players/{id}/keep': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get?: never;
    put?: never;
    post: operations['kept_keep'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/lessons': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['lessons_list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/lessons/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['lessons_get'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/p/{token}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['givenpage_open'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/p/{token}/homework.ics': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['givenpage_calendar'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/lessons/{lessonId}/pages': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['pages_list'];
    put?: never;
    post: operations['pages_share'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/players/{playerId}/reports': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['pages_reports'];
    put?: never;
    post: operations['pages_report'];
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/players': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['players_list'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/players/{id}': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['players_get'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/players/{id}/effects': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['effects_ofPlayer'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/players/{id}/record': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['record_ofPlayer'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/standings': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['record_standings'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/moved': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['record_moved'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/settings': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['settings_get'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/lessons/{lessonId}/parts': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['steps_parts'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
  '/api/lessons/{lessonId}/repetitions': {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    get: operations['steps_repetitions'];
    put?: never;
    post?: never;
    delete?: never;
    options?: never;
    head?: never;
    patch?: never;
    trace?: never;
  };
}
export type webhooks = Record<string, never>;
export interface components {
  schemas: {
    DoorState: {
      isFounded: boolean;
      /** @description A demo: its one button signs in */
      isDemo: boolean;
    };
    Found: {
      academy: string;
      name: string;
      email: string;
      password: string;
      /** @description The time zone of its days, such as `Europe/London` */
      zone?: string;
    };
    Account: {
      id: string;
      name: string;
      email: string;
      /** @enum {string} */
      role: 'owner' | 'coach' | 'assistant';
      /** @description What the role lets them do */
      may: ('see' | 'log' | 'plan' | 'own')[];
      academyId: string;
      academy: string;
      /** @description The time zone of the academy’s days; null until somebody said */
      zone: string | null;
      /** @description Hours after which a browser that is not used is signed out */
      idleHours: number;
      /**
       * @description Who reads body notes and what players write back
       * @enum {string}
       */
      personalFor: 'coaches' | 'own-coach';
      /** @description Months without a lesson after which a player is long gone; null for never */
      goneMonths: number | null;
    };
    FieldError: {
      field: string;
      reason: string;
    };
    Problem: {
      statusCode: number;
      /** @enum {string} */
      kind:
        | 'invalid'
        | 'signed-out'
        | 'refused'
        | 'not-found'
        | 'conflict'
        | 'gone'
        | 'too-large'
        | 'too-many'
        | 'unavailable'
        | 'bug';
      message: string;
      fields: components['schemas']['FieldError'][];
      /** @description With a conflict: the fields as they are now, and the version */
      current?: {
        [key: string]: unknown;
      };
    };
    SignIn: {
      email: string;
      password: string;
      /** @description Of the phone, or a recovery code, where codes are on */
      code?: string;
    };
    UseKey: {
      key: string;
    };
    OpenLink: {
      /** @enum {string} */
      kind: 'invitation' | 'reset';
      academy: string;
      name: string;
      /** @enum {string} */
      role: 'owner' | 'coach' | 'assistant';
    };
    TakeLink: {
      /** @description For an invitation */
      name?: string;
      /** @description For an invitation */
      email?: string;
      password: string;
    };
    ChangeAccount: {
      name: string;
    };
    ChangeAcademy: {
      name?: string;
      /** @description The time zone of its days, such as `Europe/London` */
      zone?: string;
      /** @description Hours after which a browser that is not used is signed out */
      idleHours?: number;
      /**
       * @description Who reads body notes and what players write back
       * @enum {string}
       */
      personalFor?: 'coaches' | 'own-coach';
      /** @description Months without a lesson after which a player is long gone; null for never */
      goneMonths?: number | null;
    };
    ChangePassword: {
      /** @description The password until now */
      password: string;
      next: string;
    };
    SaysAgain: {
      /** @description The password, where one signed in a while ago */
      password?: string;
    };
    NewLink: {
      id: string;
      /** @description Shown once: only its hash is kept */
      token: string;
      /** @description Whom it is for; empty for oneself */
      name: string;
      expiresAt: string;
    };
    SignedIn: {
      id: string;
      /** @description What the browser calls itself */
      device: string;
      createdAt: string;
      seenAt: string;
      /** @description The browser that asks */
      isThis: boolean;
    };
    Person: {
      id: string;
      name: string;
      /** @description For the owner alone */
      email?: string;
      /** @enum {string} */
      role: 'owner' | 'coach' | 'assistant';
      mayEnter: boolean;
    };
    ChangePerson: {
      /** @enum {string} */
      role?: 'owner' | 'coach' | 'assistant';
      /** @description False ends their sessions, and they cannot sign in */
      mayEnter?: boolean;
    };
    Invitation: {
      id: string;
      name: string;
      /** @enum {string} */
      role: 'owner' | 'coach' | 'assistant';
      expiresAt: string;
    };
    Invite: {
      /** @enum {string} */
      role: 'owner' | 'coach' | 'assistant';
      name: string;
    };
    Passkey: {
      id: string;
      /** @description What the browser called itself when it was made */
      device: string;
      /** @description The address it is for */
      site: string;
      createdAt: string;
      usedAt: string | null;
    };
    PasskeyQuestion: {
      options: {
        [key: string]: unknown;
      };
    };
    PasskeyAnswer: {
      /** @description What the device answered, as WebAuthn level 3 writes it in JSON */
      response: {
        [key: string]: unknown;
      };
    };
    DoorEvent: {
      id: string;
      /** @enum {string} */
      kind:
        | 'signed-in'
        | 'refused'
        | 'password-changed'
        | 'passkey-added'
        | 'passkey-removed'
        | 'codes-on'
        | 'codes-off'
        | 'invited'
        | 'role-changed'
        | 'reset-link'
        | 'exported'
        | 'archive-taken'
        | 'archive-brought'
        | 'copy-made'
        | 'copy-taken'
        | 'copy-put-back'
        | 'copy-tried'
        | 'copies-sealed'
        | 'copies-unsealed'
        | 'erased'
        | 'page-opened'
        | 'calendar-made'
        | 'bay-token-made';
      /** @description The first time */
      at: string;
      /** @description The last time */
      lastAt: string;
      /** @description How often: tries of one hour from one place are one */
      times: number;
      /** @description Their name then; empty where nobody is known */
      who: string;
      address: string;
      /** @description What the browser calls itself */
      device: string;
      /** @description How, or to whom */
      detail: string;
      /** @description A sign-in with a browser they had never signed in with */
      isNewBrowser: boolean;
      /** @description The player it is about */
      player: string | null;
    };
    DoorPage: {
      events: components['schemas']['DoorEvent'][];
      /** @description Ask for what is before it */
      next: string | null;
    };
    CodesState: {
      isOn: boolean;
      /** @description Recovery codes that were not used yet */
      left: number;
    };
    CodesOffer: {
      /** @description To scan */
      uri: string;
      /** @description To type */
      secret: string;
    };
    ConfirmCodes: {
      code: string;
    };
    RecoveryCodes: {
      /** @description Shown once: only their hashes are kept */
      codes: string[];
    };
    EndCodes: {
      password: string;
    };
    BroughtIn: {
      /** @description The academy it was taken out of */
      academy: string;
      players: number;
      lessons: number;
      balls: number;
    };
    ErasePlayer: {
      /** @description The player’s name as it stands: nothing brings them back */
      name: string;
    };
    Copy: {
      name: string;
      at: string;
      /** @enum {string} */
      reason: 'daily' | 'before-update' | 'before-restore' | 'asked';
      sizeBytes: number;
      /** @description Opened with its passphrase alone */
      isSealed: boolean;
    };
    CopiesState: {
      /** @description Whether copies are sealed with a passphrase */
      isSealed: boolean;
      /** @description When one was last tried out */
      triedAt: string | null;
      /** @description What was wrong with it then */
      trouble: string | null;
    };
    SealCopies: {
      passphrase: string;
    };
    PutBackCopy: {
      /** @description Where it is sealed with another than is kept here */
      passphrase?: string;
    };
    Ball: {
      /** @description Club speed, m/s */
      clubSpeedMps?: number | null;
      /** @description Attack angle, deg */
      attackAngleDeg?: number | null;
      /** @description Club path, deg */
      clubPathDeg?: number | null;
      /** @description Face angle, deg */
      faceAngleDeg?: number | null;
      /** @description Face to path, deg */
      faceToPathDeg?: number | null;
      /** @description Dynamic loft, deg */
      dynamicLoftDeg?: number | null;
      /** @description Spin loft, deg */
      spinLoftDeg?: number | null;
      /** @description Swing direction, deg */
      swingDirectionDeg?: number | null;
      /** @description Swing plane, deg */
      swingPlaneDeg?: number | null;
      /** @description Strike towards the toe, mm */
      strikeToeMm?: number | null;
      /** @description Strike above the middle, mm */
      strikeHighMm?: number | null;
      /** @description Ball speed, m/s */
      ballSpeedMps?: number | null;
      /** @description Launch angle, deg */
      launchAngleDeg?: number | null;
      /** @description Start direction, deg */
      startDirectionDeg?: number | null;
      /** @description Spin rate, rpm */
      spinRateRpm?: number | null;
      /** @description Spin axis, deg */
      spinAxisTiltDeg?: number | null;
      /** @description Carry, m */
      carryM?: number | null;
      /** @description Total distance, m */
      totalM?: number | null;
      /** @description Offline, m */
      offlineM?: number | null;
      /** @description Curve, m */
      curveM?: number | null;
      /** @description Apex height, m */
      apexM?: number | null;
      /** @description Descent angle, deg */
      descentAngleDeg?: number | null;
      /** @description Flight time, s */
      flightTimeS?: number | null;
      id: string;
      lessonId: string;
      ordinal: number;
      /** @enum {string} */
      keep: 'auto' | 'in' | 'out' | 'shown';
      /** @enum {string} */
      seen: 'monitor' | 'eye' | 'post';
      /** @enum {string|null} */
      openAmount: 'start' | 'bend' | 'both' | null;
      /** @enum {string|null} */
      contact: 'fat' | 'thin' | null;
      note: string;
      blockId: string | null;
      launchFileId: string | null;
      line: number | null;
      club: string | null;
      clubText: string | null;
      hitAt: string | null;
      version: number;
    };
    BallPage: {
      /** @description In the order hit, at most 1000 */
      balls: components['schemas']['Ball'][];
      /** @description Ask for the rest after this; null where there is none */
      next: number | null;
    };
    BlockAimDto: {
      /** @enum {string} */
      move: 'path' | 'face' | 'together' | 'strike' | 'aim';
      judged: (
        | 'clubPathDeg'
        | 'faceAngleDeg'
        | 'faceToPathDeg'
        | 'startDirectionDeg'
        | 'curveM'
        | 'offlineM'
        | 'carryM'
        | 'strikeToeMm'
        | 'ballSpeedMps'
        | 'clubSpeedMps'
      )[];
      /** @description Where each figure is to be, in SI and degrees */
      targets: {
        [key: string]: number;
      };
    };
    Block: {
      id: string;
      /** @enum {string} */
      kind: 'baseline' | 'drill' | 'toned' | 'play' | 'demonstration';
      drillId: string | null;
      doseStep: number | null;
      note: string;
      aim: components['schemas']['BlockAimDto'] | null;
      startedAt: string;
      version: number;
    };
    CalendarFeed: {
      /** @enum {string} */
      whose: 'mine' | 'all';
      createdAt: string;
      /** @description When a calendar last read it */
      readAt: string | null;
    };
    CalendarFeedAnswer: {
      feed: components['schemas']['CalendarFeed'] | null;
    };
    MakeFeed: {
      /**
       * @description Lessons of one’s own players, or of all
       * @enum {string}
       */
      whose: 'mine' | 'all';
    };
    NewCalendarFeed: {
      /** @enum {string} */
      whose: 'mine' | 'all';
      createdAt: string;
      /** @description When a calendar last read it */
      readAt: string | null;
      /** @description The way after the host */
      path: string;
    };
    WantedDto: {
      /** @enum {string} */
      shape: 'straight' | 'draw' | 'fade';
      /** @description Whether somebody chose it; left out, as the rest says */
      isSaid?: boolean;
      /** @description Start mark, degrees right of the target line */
      startDeg?: number | null;
      /** @description Finish, m right of the target line */
      finishM?: number | null;
      /** @enum {string} */
      ruledOut?: 'either' | 'never left' | 'never right';
      /** @description Acceptable to each side, as a share of carry */
      widthShare?: number | null;
    };
    WantedKindsDto: {
      driver?: components['schemas']['WantedDto'];
      fairway?: components['schemas']['WantedDto'];
      hybrid?: components['schemas']['WantedDto'];
      iron?: components['schemas']['WantedDto'];
      wedge?: components['schemas']['WantedDto'];
    };
    WantedByClubDto: {
      all: components['schemas']['WantedDto'];
      kinds?: components['schemas']['WantedKindsDto'];
    };
    GoalDto: {
      id: string;
      /** @enum {string} */
      kind: 'driver' | 'fairway' | 'hybrid' | 'iron' | 'wedge';
      /** @enum {string} */
      figure:
        | 'faceToPathDeg'
        | 'clubPathDeg'
        | 'faceAngleDeg'
        | 'startDirectionDeg'
        | 'curveM'
        | 'offlineM'
        | 'strikeToeMm';
      wanted: number;
      window: number;
      /** @description ISO day */
      by: string;
      /** @description ISO day */
      setOn: string;
    };
    CreatePlayer: {
      name: string;
      /** @enum {string} */
      hand: 'right' | 'left';
      /** @enum {string} */
      lengthUnit?: 'yd' | 'm';
      /** @enum {string} */
      speedUnit?: 'mph' | 'km/h' | 'm/s';
      /** @enum {string} */
      angleStyle?: 'letters' | 'signed';
      /**
       * @description What is taken where nothing was measured
       * @enum {string|null}
       */
      playerKind?: 'man' | 'woman' | 'senior' | 'junior' | null;
      /** @description With the driver, m/s */
      driverSpeedMps?: number | null;
      /** @description What the player wants, in their words */
      aims?: string;
      /** @description Pains, injuries and limits to mind */
      bodyNotes?: string;
      /** @description Whose player they are; empty for nobody’s */
      coachId?: string;
      wanted?: components['schemas']['WantedByClubDto'];
      goals?: components['schemas']['GoalDto'][];
      report?: components['schemas']['Core.ReportDraft'] | null;
    };
    UpdatePlayer: {
      name?: string;
      /** @enum {string} */
      hand?: 'right' | 'left';
      /** @enum {string} */
      lengthUnit?: 'yd' | 'm';
      /** @enum {string} */
      speedUnit?: 'mph' | 'km/h' | 'm/s';
      /** @enum {string} */
      angleStyle?: 'letters' | 'signed';
      /**
       * @description What is taken where nothing was measured
       * @enum {string|null}
       */
      playerKind?: 'man' | 'woman' | 'senior' | 'junior' | null;
      /** @description With the driver, m/s */
      driverSpeedMps?: number | null;
      /** @description What the player wants, in their words */
      aims?: string;
      /** @description Pains, injuries and limits to mind */
      bodyNotes?: string;
      /** @description Whose player they are; empty for nobody’s */
      coachId?: string;
      wanted?: components['schemas']['WantedByClubDto'];
      goals?: components['schemas']['GoalDto'][];
      report?: components['schemas']['Core.ReportDraft'] | null;
      /** @description Though long gone, kept until this day; an owner says so */
      keepUntil?: string | null;
    };
    CreateLesson: {
      /** @description ISO 8601 instant */
      startsAt: string;
      asked?: string;
    };
    UpdateLesson: {
      startsAt?: string;
      asked?: string;
    };
    CreateBall: {
      /** @description Club speed, m/s */
      clubSpeedMps?: number | null;
      /** @description Attack angle, deg */
      attackAngleDeg?: number | null;
      /** @description Club path, deg */
      clubPathDeg?: number | null;
      /** @description Face angle, deg */
      faceAngleDeg?: number | null;
      /** @description Face to path, deg */
      faceToPathDeg?: number | null;
      /** @description Dynamic loft, deg */
      dynamicLoftDeg?: number | null;
      /** @description Spin loft, deg */
      spinLoftDeg?: number | null;
      /** @description Swing direction, deg */
      swingDirectionDeg?: number | null;
      /** @description Swing plane, deg */
      swingPlaneDeg?: number | null;
      /** @description Strike towards the toe, mm */
      strikeToeMm?: number | null;
      /** @description Strike above the middle, mm */
      strikeHighMm?: number | null;
      /** @description Ball speed, m/s */
      ballSpeedMps?: number | null;
      /** @description Launch angle, deg */
      launchAngleDeg?: number | null;
      /** @description Start direction, deg */
      startDirectionDeg?: number | null;
      /** @description Spin rate, rpm */
      spinRateRpm?: number | null;
      /** @description Spin axis, deg */
      spinAxisTiltDeg?: number | null;
      /** @description Carry, m */
      carryM?: number | null;
      /** @description Total distance, m */
      totalM?: number | null;
      /** @description Offline, m */
      offlineM?: number | null;
      /** @description Curve, m */
      curveM?: number | null;
      /** @description Apex height, m */
      apexM?: number | null;
      /** @description Descent angle, deg */
      descentAngleDeg?: number | null;
      /** @description Flight time, s */
      flightTimeS?: number | null;
      /** @enum {string|null} */
      club?:
        | 'driver'
        | '3-wood'
        | '4-wood'
        | '5-wood'
        | '7-wood'
        | '9-wood'
        | '2-hybrid'
        | '3-hybrid'
        | '4-hybrid'
        | '5-hybrid'
        | '6-hybrid'
        | '2-iron'
        | '3-iron'
        | '4-iron'
        | '5-iron'
        | '6-iron'
        | '7-iron'
        | '8-iron'
        | '9-iron'
        | 'pw'
        | 'gw'
        | 'sw'
        | 'lw'
        | null;
      clubText?: string | null;
      /** @enum {string} */
      keep?: 'auto' | 'in' | 'out' | 'shown';
      /** @enum {string} */
      seen?: 'monitor' | 'eye' | 'post';
      /**
       * @description What an eye gave no size, only a side
       * @enum {string|null}
       */
      openAmount?: 'start' | 'bend' | 'both' | null;
      /** @enum {string|null} */
      contact?: 'fat' | 'thin' | null;
      note?: string;
    };
    UpdateBall: {
      /** @description Club speed, m/s */
      clubSpeedMps?: number | null;
      /** @description Attack angle, deg */
      attackAngleDeg?: number | null;
      /** @description Club path, deg */
      clubPathDeg?: number | null;
      /** @description Face angle, deg */
      faceAngleDeg?: number | null;
      /** @description Face to path, deg */
      faceToPathDeg?: number | null;
      /** @description Dynamic loft, deg */
      dynamicLoftDeg?: number | null;
      /** @description Spin loft, deg */
      spinLoftDeg?: number | null;
      /** @description Swing direction, deg */
      swingDirectionDeg?: number | null;
      /** @description Swing plane, deg */
      swingPlaneDeg?: number | null;
      /** @description Strike towards the toe, mm */
      strikeToeMm?: number | null;
      /** @description Strike above the middle, mm */
      strikeHighMm?: number | null;
      /** @description Ball speed, m/s */
      ballSpeedMps?: number | null;
      /** @description Launch angle, deg */
      launchAngleDeg?: number | null;
      /** @description Start direction, deg */
      startDirectionDeg?: number | null;
      /** @description Spin rate, rpm */
      spinRateRpm?: number | null;
      /** @description Spin axis, deg */
      spinAxisTiltDeg?: number | null;
      /** @description Carry, m */
      carryM?: number | null;
      /** @description Total distance, m */
      totalM?: number | null;
      /** @description Offline, m */
      offlineM?: number | null;
      /** @description Curve, m */
      curveM?: number | null;
      /** @description Apex height, m */
      apexM?: number | null;
      /** @description Descent angle, deg */
      descentAngleDeg?: number | null;
      /** @description Flight time, s */
      flightTimeS?: number | null;
      /** @enum {string|null} */
      club?:
        | 'driver'
        | '3-wood'
        | '4-wood'
        | '5-wood'
        | '7-wood'
        | '9-wood'
        | '2-hybrid'
        | '3-hybrid'
        | '4-hybrid'
        | '5-hybrid'
        | '6-hybrid'
        | '2-iron'
        | '3-iron'
        | '4-iron'
        | '5-iron'
        | '6-iron'
        | '7-iron'
        | '8-iron'
        | '9-iron'
        | 'pw'
        | 'gw'
        | 'sw'
        | 'lw'
        | null;
      clubText?: string | null;
      /** @enum {string} */
      keep?: 'auto' | 'in' | 'out' | 'shown';
      /** @enum {string} */
      seen?: 'monitor' | 'eye' | 'post';
      /**
       * @description What an eye gave no size, only a side
       * @enum {string|null}
       */
      openAmount?: 'start' | 'bend' | 'both' | null;
      /** @enum {string|null} */
      contact?: 'fat' | 'thin' | null;
      note?: string;
      blockId?: string | null;
    };
    StartBlock: {
      drillId?: string | null;
      doseStep?: number | null;
      /** @description What was set up: "grip moved" */
      note?: string;
      /** @enum {string} */
      kind: 'baseline' | 'drill' | 'toned' | 'play' | 'demonstration';
      aim?: components['schemas']['BlockAimDto'] | null;
    };
    UpdateBlock: {
      drillId?: string | null;
      doseStep?: number | null;
      /** @description What was set up: "grip moved" */
      note?: string;
      /** @enum {string} */
      kind?: 'baseline' | 'drill' | 'toned' | 'play' | 'demonstration';
    };
    AddRepetition: {
      drillId: string;
      good: boolean;
      miss?: string;
      /** @description Step of the dose, 0 for the first */
      doseStep?: number | null;
      feltDeg?: number | null;
      measuredDeg?: number | null;
    };
    OwnPart: {
      /** @enum {string} */
      kind: 'stick' | 'peg' | 'ball' | 'rod' | 'cover' | 'line';
      label: string;
      alongM: number;
      outM: number;
      lengthM: number;
      angleDeg: number;
    };
    CreateOwnDrill: {
      name: string;
      /** @enum {number} */
      movesPath: -1 | 0 | 1;
      /** @enum {number} */
      movesFace: -1 | 0 | 1;
      how: string;
      good: string;
      parts: components['schemas']['OwnPart'][];
    };
    ColumnAnswer: {
      header: string;
      /** @enum {string|null} */
      meaning:
        | 'clubSpeedMps'
        | 'attackAngleDeg'
        | 'clubPathDeg'
        | 'faceAngleDeg'
        | 'faceToPathDeg'
        | 'dynamicLoftDeg'
        | 'spinLoftDeg'
        | 'swingDirectionDeg'
        | 'swingPlaneDeg'
        | 'strikeToeMm'
        | 'strikeHighMm'
        | 'ballSpeedMps'
        | 'launchAngleDeg'
        | 'startDirectionDeg'
        | 'spinRateRpm'
        | 'spinAxisTiltDeg'
        | 'backSpinRpm'
        | 'sideSpinRpm'
        | 'carryM'
        | 'totalM'
        | 'offlineM'
        | 'curveM'
        | 'apexM'
        | 'descentAngleDeg'
        | 'flightTimeS'
        | 'club'
        | 'hitAt'
        | 'player'
        | 'hand'
        | null;
      /** @enum {string|null} */
      unit?:
        | 'm'
        | 'cm'
        | 'mm'
        | 'yd'
        | 'ft'
        | 'in'
        | 'm/s'
        | 'mph'
        | 'km/h'
        | 'deg'
        | 'rad'
        | 'rpm'
        | 'rev/s'
        | 'rad/s'
        | 's'
        | 'ms'
        | null;
      /**
       * @description What plus stands for; null leaves it to the file
       * @enum {string|null}
       */
      plus?: 'right' | 'left' | 'out' | 'in' | 'toe' | 'heel' | 'up' | 'down' | null;
      /** @description Whether its signs are the other way round than they are read */
      turned?: boolean | null;
      /** @description Whether a face is given where the ball was struck, and not in its middle */
      atStrike?: boolean | null;
    };
    ClubAnswer: {
      text: string;
      /** @description Id of a club of the standard bag */
      club: string;
    };
    IntakeAnswers: {
      columns?: components['schemas']['ColumnAnswer'][];
      /** @enum {string} */
      signs?: 'target' | 'hand-club' | 'hand-all';
      /** @enum {string} */
      decimal?: 'dot' | 'comma';
      /**
       * @description What days of three numbers begin with
       * @enum {string}
       */
      dayOrder?: 'day-first' | 'month-first';
      /** @description What club each was that the file calls something else; never kept */
      clubs?: components['schemas']['ClubAnswer'][];
      /** @description Which parts of a file of several players, hands or days are meant; never kept */
      parts?: string[];
      /** @description What the source is called from now on */
      name?: string;
    };
    ChangeSource: {
      name?: string;
      answers?: components['schemas']['IntakeAnswers'];
    };
    AddWord: {
      text: string;
    };
    TickHomework: {
      done: boolean;
    };
    CreateBay: {
      name: string;
    };
    UpdateBay: {
      name?: string;
      /** @description The lesson its balls go to */
      lessonId?: string | null;
      /** @description Whether its balls are taken as they come; they wait else */
      isOn?: boolean;
      /** @description What its figures are; null takes back what was said, and its next balls are asked about */
      answers?: components['schemas']['IntakeAnswers'] | null;
    };
    StepDto: {
      /** @enum {string} */
      thing:
        | 'player'
        | 'lesson'
        | 'ball'
        | 'block'
        | 'part'
        | 'repetition'
        | 'file'
        | 'page'
        | 'drill'
        | 'source'
        | 'setting'
        | 'tick'
        | 'word'
        | 'bay';
      /** @enum {string} */
      verb: 'add' | 'set' | 'remove' | 'restore';
      /** @description Its own id, chosen by who adds it; a part’s is `<lesson>.setup` */
      id: string;
      /** @description The id of what it is of: a ball’s lesson. Empty for none, or where the thing is there */
      of: string;
      /** @description What is said of it, by the schemas named after it; of a part and of the settings by path, such as `observations.chest` */
      fields: {
        [key: string]: unknown;
      };
      /** @description The version that was seen */
      seen: number | null;
      /** @description What the fields that are written must still be, or 409 */
      was?: {
        [key: string]: unknown;
      };
    };
    ChangeDto: {
      /** @description Chosen by the writer: sent twice, it is taken once */
      id: string;
      /** @description When it was made, ISO 8601 */
      at?: string;
      steps: components['schemas']['StepDto'][];
    };
    ChangesDto: {
      /** @description The device they were made on */
      device?: string;
      changes: components['schemas']['ChangeDto'][];
    };
    Player: {
      id: string;
      name: string;
      /** @enum {string} */
      hand: 'right' | 'left';
      /** @enum {string} */
      lengthUnit: 'yd' | 'm';
      /** @enum {string} */
      speedUnit: 'mph' | 'km/h' | 'm/s';
      /** @enum {string} */
      angleStyle: 'letters' | 'signed';
      /** @enum {string|null} */
      playerKind: 'man' | 'woman' | 'senior' | 'junior' | null;
      /** @description With the driver, m/s */
      driverSpeedMps: number | null;
      aims: string;
      /** @description Whole, or the parts of the body to mind */
      bodyNotes: string;
      /** @description False where body notes and words back are for the player’s own coach */
      isPersonalRead: boolean;
      /** @description Whose player they are; empty for nobody’s */
      coachId: string;
      wanted: components['schemas']['WantedByClubDto'];
      goals: components['schemas']['GoalDto'][];
      /** @description The report being written */
      report: components['schemas']['Core.ReportDraft'] | null;
      version: number;
    };
    LessonSummary: {
      id: string;
      startsAt: string;
      asked: string;
      ballCount: number;
      player: components['schemas']['Player'];
      version: number;
    };
    LessonPart: {
      /** @enum {string} */
      part: 'setup' | 'causes' | 'work' | 'send';
      value: {
        [key: string]: unknown;
      };
      version: number;
      updatedAt: string;
      updatedBy: string;
    };
    StoredRepetition: {
      id: string;
      drillId: string;
      good: boolean;
      miss: string;
      doseStep: number | null;
      feltDeg: number | null;
      measuredDeg: number | null;
      at: string;
      /** @description Logged by the player from the page */
      byPlayer: boolean;
    };
    LaunchFile: {
      id: string;
      name: string;
      sizeBytes: number;
      receivedAt: string;
      ballCount: number;
      refusedCount: number;
      /** @description What it was read by */
      answers: components['schemas']['IntakeAnswers'];
    };
    OwnDrill: {
      name: string;
      /** @enum {number} */
      movesPath: -1 | 0 | 1;
      /** @enum {number} */
      movesFace: -1 | 0 | 1;
      how: string;
      good: string;
      parts: components['schemas']['OwnPart'][];
      id: string;
    };
    FileSource: {
      id: string;
      /** @description Empty where it was not named */
      name: string;
      answers: components['schemas']['IntakeAnswers'];
      updatedAt: string;
    };
    BandsDto: {
      pathNeutralDeg: number;
      pathAcceptableDeg: number;
      faceSquareDeg: number;
      faceToPathSquareDeg: number;
      startStraightDeg: number;
      bendNoneShare: number;
      bendStrongShare: number;
    };
    AccuracyDto: {
      faceAngleDeg: number;
      clubPathDeg: number;
      spinAxisTiltDeg: number;
    };
    StoredSettings: {
      /** @enum {string} */
      naming: 'start-and-bend' | 'bend-only';
      /** @enum {string} */
      firstRoute: 'lowest-miss' | 'face-then-path' | 'path-then-face' | 'gap-first';
      bands: components['schemas']['BandsDto'];
      accuracy: components['schemas']['AccuracyDto'];
      version: number;
    };
    PageWord: {
      id: string;
      text: string;
      at: string;
    };
    ChangedThing: {
      /** @enum {string} */
      thing:
        | 'player'
        | 'lesson'
        | 'ball'
        | 'block'
        | 'part'
        | 'repetition'
        | 'file'
        | 'page'
        | 'drill'
        | 'source'
        | 'setting'
        | 'tick'
        | 'word'
        | 'bay';
      id: string;
      /** @description Null where it is taken away */
      value:
        | (
            | components['schemas']['Player']
            | components['schemas']['LessonSummary']
            | components['schemas']['Ball']
            | components['schemas']['Block']
            | components['schemas']['LessonPart']
            | components['schemas']['StoredRepetition']
            | components['schemas']['LaunchFile']
            | components['schemas']['OwnDrill']
            | components['schemas']['FileSource']
            | components['schemas']['StoredSettings']
            | components['schemas']['PageWord']
          )
        | null;
    };
    ChangeAnswer: {
      id: string;
      /** @description Null where it was taken */
      problem: components['schemas']['Problem'] | null;
      /** @description None at a page */
      things: components['schemas']['ChangedThing'][];
    };
    ChangesAnswer: {
      answers: components['schemas']['ChangeAnswer'][];
    };
    PastStep: {
      /** @enum {string} */
      thing:
        | 'player'
        | 'lesson'
        | 'ball'
        | 'balls'
        | 'block'
        | 'part'
        | 'repetition'
        | 'file'
        | 'source'
        | 'page'
        | 'tick'
        | 'word'
        | 'drill'
        | 'setting'
        | 'person'
        | 'academy'
        | 'consent'
        | 'bay';
      id: string;
      /** @description The id of what it is of; empty for none */
      of: string;
      /** @description The fields as they were */
      before: {
        [key: string]: unknown;
      };
      /** @description The fields since */
      after: {
        [key: string]: unknown;
      };
    };
    HistoryEntry: {
      id: string;
      at: string;
      who: string;
      what: string;
      /** @description How many it stands for: what a player does on a day is one */
      times: number;
      /** @description In the order done */
      steps: components['schemas']['PastStep'][];
      /** @description Whether sending its inverse takes it back */
      canUndo: boolean;
    };
    NotedConsent: {
      /** @enum {string} */
      kind: 'pages' | 'pictures';
      /** @description The last day it holds */
      until: string | null;
      notedBy: string;
      notedOn: string;
    };
    PlayerConsent: {
      bornOn: string | null;
      isMinor: boolean;
      guardian: string;
      consents: components['schemas']['NotedConsent'][];
    };
    GivenConsent: {
      /** @enum {string} */
      kind: 'pages' | 'pictures';
      /** @description The last day it holds */
      until: string | null;
    };
    NoteConsent: {
      /** @description The day of birth */
      bornOn?: string | null;
      /** @description Where no day of birth is told */
      isMinor: boolean;
      /** @description Parent or guardian, and how they are reached */
      guardian: string;
      consents: components['schemas']['GivenConsent'][];
    };
    GivenTo: {
      lessonId: string;
      lessonAt: string;
      points: string[];
      nextLook: string;
      /** @description Days of homework ticked, of those past */
      homeworkDone: number;
      homeworkDue: number;
      isHomeworkStopped: boolean;
      /** @description What they last wrote back */
      lastWord: components['schemas']['PageWord'] | null;
      player: components['schemas']['Player'];
      /** @description A lesson of theirs is booked after it */
      isBooked: boolean;
    };
    Given: {
      lessonId: string;
      lessonAt: string;
      points: string[];
      nextLook: string;
      /** @description Days of homework ticked, of those past */
      homeworkDone: number;
      homeworkDue: number;
      isHomeworkStopped: boolean;
      /** @description What they last wrote back */
      lastWord: components['schemas']['PageWord'] | null;
    };
    BayChoice: {
      label: string;
      says: components['schemas']['IntakeAnswers'];
      /** @description Whether it is what its sender most likely means */
      isLikely: boolean;
    };
    BayQuestion: {
      /** @enum {string} */
      kind:
        | 'unit'
        | 'signs'
        | 'decimal'
        | 'columns'
        | 'column'
        | 'plus'
        | 'physics'
        | 'clubs'
        | 'days'
        | 'parts';
      text: string;
      headers: string[];
      choices: components['schemas']['BayChoice'][];
    };
    Bay: {
      id: string;
      name: string;
      /** @description The lesson its balls go to */
      lessonId: string | null;
      /** @description Whose lesson that is */
      playerName: string | null;
      isOn: boolean;
      /** @description When its token was made; null for none */
      tokenAt: string | null;
      /** @description When its sender was last heard */
      heardAt: string | null;
      /** @description Whether it was heard just now */
      isHeard: boolean;
      /** @description Balls that wait in it for a lesson */
      waiting: number;
      doubts: components['schemas']['BayQuestion'][];
      version: number;
    };
    BayToken: {
      /** @description Told once; what is kept cannot be turned back into it */
      token: string;
      /** @description Where its sender posts its balls */
      path: string;
    };
    GiveWaiting: {
      /** @description The lesson they are of; null throws them away */
      lessonId: string | null;
    };
    GivenWaiting: {
      /** @description How many came into the lesson */
      taken: number;
      /** @description How many could not be read, or were thrown away */
      left: number;
    };
    LiveMessage: {
      /** @enum {number} */
      version: 1;
      /** @description A name for this run of numbers: new whenever they begin anew */
      source: string;
      /** @description Of each figure its unit, and what plus stands for where it has a side */
      quantities: {
        [key: string]: {
          unit: string;
          plus?: string | null;
        };
      };
      balls: Record<string, never>[];
    };
    LiveFate: {
      /** @description Null where it says none */
      sequence: number | null;
      /**
       * @description taken: it is in the lesson; waiting: no lesson is under way in the bay; known: it came before; refused: see the reason
       * @enum {string}
       */
      fate: 'taken' | 'waiting' | 'refused' | 'dropped' | 'known';
      /** @description Why it was refused; empty else */
      reason: string;
    };
    LiveBlock: {
      /** @enum {string} */
      kind: 'baseline' | 'drill' | 'toned' | 'play' | 'demonstration';
      drillId: string | null;
    };
    LiveNow: {
      bay: string;
      /** @description Whether balls are taken as they come */
      isOn: boolean;
      /**
       * @description Null without a lesson
       * @enum {string|null}
       */
      hand: 'right' | 'left' | null;
      block: components['schemas']['LiveBlock'] | null;
    };
    LiveAnswer: {
      /** @description One for each ball, in their order */
      fates: components['schemas']['LiveFate'][];
      now: components['schemas']['LiveNow'];
    };
    Health: {
      /** @enum {string} */
      status: 'ok';
    };
    FileUnderWay: {
      /** @enum {string} */
      stage: 'reading' | 'storing';
      /** @description Share of its balls that are stored, from 0 to 1 */
      share: number;
      /** @description Whether it can still be stopped */
      canStop: boolean;
    };
    Cell: {
      header: string;
      value: string;
      reason: string;
    };
    Row: {
      line: number;
      /** @enum {string} */
      fate:
        | 'ball'
        | 'rejected'
        | 'other'
        | 'header'
        | 'units'
        | 'preamble'
        | 'title'
        | 'note'
        | 'summary'
        | 'blank'
        | 'known';
      reason: string;
      problems: components['schemas']['Cell'][];
      /** @description The row as it came, where it was asked for */
      text?: string;
    };
    FateCount: {
      /** @enum {string} */
      fate:
        | 'ball'
        | 'rejected'
        | 'other'
        | 'header'
        | 'units'
        | 'preamble'
        | 'title'
        | 'note'
        | 'summary'
        | 'blank'
        | 'known';
      count: number;
    };
    RowPage: {
      /** @description At most 500 */
      rows: components['schemas']['Row'][];
      /** @description How many there are in all */
      count: number;
      /** @description How many of them were refused */
      refused: number;
      /** @description How many of the file met each fate */
      fates: components['schemas']['FateCount'][];
    };
    Column: {
      index: number;
      header: string;
      /** @enum {string|null} */
      meaning:
        | 'clubSpeedMps'
        | 'attackAngleDeg'
        | 'clubPathDeg'
        | 'faceAngleDeg'
        | 'faceToPathDeg'
        | 'dynamicLoftDeg'
        | 'spinLoftDeg'
        | 'swingDirectionDeg'
        | 'swingPlaneDeg'
        | 'strikeToeMm'
        | 'strikeHighMm'
        | 'ballSpeedMps'
        | 'launchAngleDeg'
        | 'startDirectionDeg'
        | 'spinRateRpm'
        | 'spinAxisTiltDeg'
        | 'backSpinRpm'
        | 'sideSpinRpm'
        | 'carryM'
        | 'totalM'
        | 'offlineM'
        | 'curveM'
        | 'apexM'
        | 'descentAngleDeg'
        | 'flightTimeS'
        | 'club'
        | 'hitAt'
        | 'player'
        | 'hand'
        | null;
      /** @enum {string|null} */
      unit:
        | 'm'
        | 'cm'
        | 'mm'
        | 'yd'
        | 'ft'
        | 'in'
        | 'm/s'
        | 'mph'
        | 'km/h'
        | 'deg'
        | 'rad'
        | 'rpm'
        | 'rev/s'
        | 'rad/s'
        | 's'
        | 'ms'
        | null;
      /** @enum {string} */
      unitFrom: 'file' | 'coach' | 'usual' | 'none';
      /** @enum {string|null} */
      plus: 'right' | 'left' | 'out' | 'in' | 'toe' | 'heel' | 'up' | 'down' | null;
      /** @enum {string} */
      plusFrom: 'file' | 'coach' | 'usual' | 'unclear' | 'none';
      turned: boolean | null;
      atStrike: boolean | null;
      /** @description How sure the reading is, from 0 to 1 */
      confidence: number;
      /** @description Why it is read so, or left out */
      reason: string;
      examples: string[];
    };
    Choice: {
      label: string;
      says: components['schemas']['IntakeAnswers'];
      /** @description Whether it is what the file most likely means */
      isLikely: boolean;
    };
    Question: {
      /** @enum {string} */
      kind:
        | 'unit'
        | 'signs'
        | 'decimal'
        | 'columns'
        | 'column'
        | 'plus'
        | 'physics'
        | 'clubs'
        | 'days'
        | 'parts';
      text: string;
      headers: string[];
      /** @description Answers to choose from; none where columns must be named */
      choices: components['schemas']['Choice'][];
    };
    Part: {
      key: string;
      player: string;
      /** @enum {string|null} */
      hand: 'right' | 'left' | null;
      day: string;
      /** @description When it begins, with time and zone as far as the file says them */
      startsAt: string | null;
      ballCount: number;
    };
    ChangedFigure: {
      line: number;
      /** @enum {string} */
      quantity:
        | 'club'
        | 'clubSpeedMps'
        | 'attackAngleDeg'
        | 'clubPathDeg'
        | 'faceAngleDeg'
        | 'faceToPathDeg'
        | 'dynamicLoftDeg'
        | 'spinLoftDeg'
        | 'swingDirectionDeg'
        | 'swingPlaneDeg'
        | 'strikeToeMm'
        | 'strikeHighMm'
        | 'ballSpeedMps'
        | 'launchAngleDeg'
        | 'startDirectionDeg'
        | 'spinRateRpm'
        | 'spinAxisTiltDeg'
        | 'carryM'
        | 'totalM'
        | 'offlineM'
        | 'curveM'
        | 'apexM'
        | 'descentAngleDeg'
        | 'flightTimeS';
      /** @description A figure in the unit of its quantity, or a club’s id */
      from: (number | string) | null;
      to: (number | string) | null;
    };
    IntakeResult: {
      /**
       * @description added: balls are in the lesson; known: the file was here already, nothing added; questions: answer them and send it again, nothing added yet; stopped: as it was told, nothing added
       * @enum {string}
       */
      outcome: 'added' | 'known' | 'questions' | 'stopped';
      message: string;
      file: components['schemas']['LaunchFile'] | null;
      /** @description What became of the first rows */
      rows: components['schemas']['RowPage'];
      columns: components['schemas']['Column'][];
      questions: components['schemas']['Question'][];
      /** @description Whose balls it holds, of which hand and day */
      parts: components['schemas']['Part'][];
      /** @description What was done that the file does not say itself */
      notes: string[];
      /** @description Of a file read again: figures that read otherwise now, the first of them */
      changed: components['schemas']['ChangedFigure'][];
      /** @description All that was said of it, now and before */
      answers: components['schemas']['IntakeAnswers'];
    };
    KeptCopies: {
      daily: number;
      asked: number;
      beforeUpdate: number;
      beforeRestore: number;
    };
    Kept: {
      academy: string;
      /** @enum {string} */
      personalFor: 'coaches' | 'own-coach';
      goneMonths: number | null;
      /** @description Copies kept at most */
      copies: components['schemas']['KeptCopies'];
      doorRecordDays: number;
      idleHours: number;
      sessionDays: number;
      pageDays: number;
    };
    GonePlayer: {
      id: string;
      name: string;
      /** @description The day of the last lesson, or where there was none they were added */
      lastOn: string;
      /** @description They were taken away already, and can still be brought back */
      isTakenAway: boolean;
    };
    LastChange: {
      id: string;
      device: string;
    };
    LessonHead: {
      id: string;
      startsAt: string;
      asked: string;
      ballCount: number;
      player: components['schemas']['Player'];
      version: number;
      /** @description The player’s lesson before this one */
      previousLessonId: string | null;
      lastChange: components['schemas']['LastChange'] | null;
    };
    PageHead: {
      playerName: string;
      /** @enum {string} */
      hand: 'right' | 'left';
      /** @enum {string} */
      lengthUnit: 'yd' | 'm';
      academy: string;
      date: string;
      expiresAt: string;
      ticked: string[];
      repetitions: components['schemas']['StoredRepetition'][];
      /** @description What they wrote back */
      said: components['schemas']['PageWord'][];
    };
    HomeworkLine: {
      date: string;
      what: string;
    };
    SharedPage: {
      id: string;
      createdAt: string;
      expiresAt: string;
      withdrawnAt: string | null;
      /** @description Days the player has ticked */
      ticked: string[];
      /** @description What the player wrote back, the oldest first */
      said: components['schemas']['PageWord'][];
      points: string[];
      homework: components['schemas']['HomeworkLine'][];
      nextLook: string;
      /** @description Of a report */
      period: components['schemas']['Core.PagePeriod'] | null;
    };
    SharePage: {
      /** @description Days until the link ends */
      days: number;
      /** @description The club it is about; the one hit most, where left out */
      club?: string | null;
    };
    NewSharedPage: {
      id: string;
      createdAt: string;
      expiresAt: string;
      withdrawnAt: string | null;
      /** @description Days the player has ticked */
      ticked: string[];
      /** @description What the player wrote back, the oldest first */
      said: components['schemas']['PageWord'][];
      points: string[];
      homework: components['schemas']['HomeworkLine'][];
      nextLook: string;
      /** @description Of a report */
      period: components['schemas']['Core.PagePeriod'] | null;
      token: string;
    };
    ShareReport: {
      /** @description Days until the link ends */
      days: number;
      /**
       * @description Where the report itself says none; the kind hit most, where left out
       * @enum {string}
       */
      kind?: 'driver' | 'fairway' | 'hybrid' | 'iron' | 'wedge';
    };
    StationDay: {
      drillId: string;
      /** @description ISO date */
      date: string;
      good: number;
      of: number;
      /** @description Highest step of the dose that day */
      doseStep: number | null;
      /** @description Logged by the player, from their page */
      isHome: boolean;
    };
    HomeworkDay: {
      /** @description ISO date */
      date: string;
      isDone: boolean;
    };
    RecordAnswer: {
      /** @description Degrees, m, positive right; null before the first named club */
      record: components['schemas']['Core.PlayerRecord'] | null;
      /** @description In the order of days */
      stations: components['schemas']['StationDay'][];
      /** @description In the order of days */
      homework: components['schemas']['HomeworkDay'][];
    };
    PlayerStandings: {
      playerId: string;
      /** @description A kind of club each, the one hit most first */
      standings: components['schemas']['Core.Standing'][];
    };
    AcademyMoved: {
      /** @description Degrees, as a right-hander’s; those that are clear first */
      moved: components['schemas']['Core.MovedOverAll'][];
    };
    'Core.DrillEffect': import('./as-json.ts').AsJson<import('@loxos/core').DrillEffect>;
    'Core.MovedOverAll': import('./as-json.ts').AsJson<import('@loxos/core').MovedOverAll>;
    'Core.PageContent': import('./as-json.ts').AsJson<import('@loxos/core').PageContent>;
    'Core.PagePeriod': import('./as-json.ts').AsJson<import('@loxos/core').PagePeriod>;
    'Core.PlayerRecord': import('./as-json.ts').AsJson<import('@loxos/core').PlayerRecord>;
    'Core.ReportDraft': import('./as-json.ts').AsJson<import('@loxos/core').ReportDraft>;
    'Core.Standing': import('./as-json.ts').AsJson<import('@loxos/core').Standing>;
  };
  responses: {
    Problem429: {
      headers: {
        [name: string]: unknown;
      };
      content: {
        'application/json': components['schemas']['Problem'];
      };
    };
    /** @description Nobody is signed in */
    Problem401NobodyIsSignedIn: {
      headers: {
        [name: string]: unknown;
      };
      content: {
        'application/json': components['schemas']['Problem'];
      };
    };
    /** @description Needs the right to own */
    Problem403NeedsTheRightToOwn: {
      headers: {
        [name: string]: unknown;
      };
      content: {
        'application/json': components['schemas']['Problem'];
      };
    };
    /** @description Needs the right to see */
    Problem403NeedsTheRightToSee: {
      headers: {
        [name: string]: unknown;
      };
      content: {
        'application/json': components['schemas']['Problem'];
      };
    };
    /** @description Needs the right to plan */
    Problem403NeedsTheRightToPlan: {
      headers: {
        [name: string]: unknown;
      };
      content: {
        'application/json': components['schemas']['Problem'];
      };
    };
    /** @description Needs the right to log */
    Problem403NeedsTheRightToLog: {
      headers: {
        [name: string]: unknown;
      };
      content: {
        'application/json': components['schemas']['Problem'];
      };
    };
    /** @description The token is of no bay */
    Problem401TheTokenIsOfNoBay: {
      headers: {
        [name: string]: unknown;
      };
      content: {
        'application/json': components['schemas']['Problem'];
      };
    };
  };
  parameters: never;
  requestBodies: never;
  headers: never;
  pathItems: never;
}
export type $defs = Record<string, never>;
export interface operations {
  door_state: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['DoorState'];
        };
      };
    };
  };
  door_found: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['Found'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Account'];
        };
      };
      429: components['responses']['Problem429'];
    };
  };
  account_changeAcademy: {
    parameters: {
      query?: never;
      header?: {
        /** @description Chosen by the writer: a write sent twice is taken once */
        'x-loxos-change'?: string;
        /** @description The device it was made on */
        'x-loxos-device'?: string;
      };
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ChangeAcademy'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Account'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToOwn'];
    };
  };
  door_signIn: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['SignIn'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Account'];
        };
      };
      429: components['responses']['Problem429'];
    };
  };
  door_useKey: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['UseKey'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Account'];
        };
      };
      429: components['responses']['Problem429'];
    };
  };
  door_demo: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Account'];
        };
      };
    };
  };
  door_open: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        token: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['OpenLink'];
        };
      };
      429: components['responses']['Problem429'];
    };
  };
  door_take: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        token: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['TakeLink'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Account'];
        };
      };
      429: components['responses']['Problem429'];
    };
  };
  account_get: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Account'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  account_change: {
    parameters: {
      query?: never;
      header?: {
        /** @description Chosen by the writer: a write sent twice is taken once */
        'x-loxos-change'?: string;
        /** @description The device it was made on */
        'x-loxos-device'?: string;
      };
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ChangeAccount'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Account'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  account_password: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ChangePassword'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Account'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
      429: components['responses']['Problem429'];
    };
  };
  account_key: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['SaysAgain'];
      };
    };
    responses: {
      /** @description Signs in on another device, once */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['NewLink'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
      429: components['responses']['Problem429'];
    };
  };
  account_list: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SignedIn'][];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  account_end: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  account_leave: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  people_list: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Person'][];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  people_change: {
    parameters: {
      query?: never;
      header?: {
        /** @description Chosen by the writer: a write sent twice is taken once */
        'x-loxos-change'?: string;
        /** @description The device it was made on */
        'x-loxos-device'?: string;
      };
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ChangePerson'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Person'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToOwn'];
    };
  };
  people_reset: {
    parameters: {
      query?: never;
      header?: {
        /** @description Chosen by the writer: a write sent twice is taken once */
        'x-loxos-change'?: string;
        /** @description The device it was made on */
        'x-loxos-device'?: string;
      };
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Lets them choose a new password, once */
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['NewLink'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToOwn'];
    };
  };
  people_invitations: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Invitation'][];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToOwn'];
    };
  };
  people_invite: {
    parameters: {
      query?: never;
      header?: {
        /** @description Chosen by the writer: a write sent twice is taken once */
        'x-loxos-change'?: string;
        /** @description The device it was made on */
        'x-loxos-device'?: string;
      };
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['Invite'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['NewLink'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToOwn'];
    };
  };
  people_withdraw: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToOwn'];
    };
  };
  passkeys_list: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Passkey'][];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  passkeys_add: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['PasskeyAnswer'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Passkey'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  passkeys_offer: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['SaysAgain'];
      };
    };
    responses: {
      /** @description Lets a device make a passkey */
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['PasskeyQuestion'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
      429: components['responses']['Problem429'];
    };
  };
  passkeys_remove: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  passkeys_ask: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Lets a device sign somebody in */
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['PasskeyQuestion'];
        };
      };
      429: components['responses']['Problem429'];
    };
  };
  passkeys_enter: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['PasskeyAnswer'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Account'];
        };
      };
      429: components['responses']['Problem429'];
    };
  };
  doorrecord_page: {
    parameters: {
      query?: {
        /** @description The moment before which to look */
        before?: string;
      };
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['DoorPage'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToOwn'];
    };
  };
  doorrecord_news: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description What others did since one last looked */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['DoorEvent'][];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToOwn'];
    };
  };
  doorrecord_seen: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToOwn'];
    };
  };
  codes_state: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['CodesState'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  codes_confirm: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ConfirmCodes'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['RecoveryCodes'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
      429: components['responses']['Problem429'];
    };
  };
  codes_offer: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['SaysAgain'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['CodesOffer'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
      429: components['responses']['Problem429'];
    };
  };
  codes_end: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['EndCodes'];
      };
    };
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
      429: components['responses']['Problem429'];
    };
  };
  archive_out: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description The academy as a file */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/zip': string;
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToOwn'];
    };
  };
  archive_bringIn: {
    parameters: {
      query?: never;
      header?: {
        /** @description Chosen by the writer: a write sent twice is taken once */
        'x-loxos-change'?: string;
        /** @description The device it was made on */
        'x-loxos-device'?: string;
      };
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'multipart/form-data': {
          /** Format: binary */
          file: string;
        };
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['BroughtIn'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToOwn'];
    };
  };
  archive_outPlayer: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Everything of a player as a file */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/zip': string;
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToPlan'];
    };
  };
  archive_erase: {
    parameters: {
      query?: never;
      header?: {
        /** @description Chosen by the writer: a write sent twice is taken once */
        'x-loxos-change'?: string;
        /** @description The device it was made on */
        'x-loxos-device'?: string;
      };
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ErasePlayer'];
      };
    };
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToOwn'];
    };
  };
  backups_list: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description The newest first */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Copy'][];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToOwn'];
    };
  };
  backups_make: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Copy'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToOwn'];
    };
  };
  backups_restoreFile: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'multipart/form-data': {
          /** Format: binary */
          file: string;
        };
      };
    };
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToOwn'];
    };
  };
  backups_state: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['CopiesState'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToOwn'];
    };
  };
  backups_tryOut: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description The newest copy was tried out */
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['CopiesState'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToOwn'];
    };
  };
  backups_seal: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['SealCopies'];
      };
    };
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToOwn'];
    };
  };
  backups_unseal: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToOwn'];
    };
  };
  backups_download: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        name: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description The copy, as a file */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/octet-stream': string;
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToOwn'];
    };
  };
  backups_restore: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        name: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['PutBackCopy'];
      };
    };
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToOwn'];
    };
  };
  balls_page: {
    parameters: {
      query?: {
        /** @description Those after the ball of this ordinal */
        after?: number;
      };
      header?: never;
      path: {
        lessonId: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['BallPage'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  balls_csv: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        lessonId: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description The balls as a launch file in SI units */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/csv': string;
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  balls_json: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        lessonId: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description The balls by docs/balls.schema.json */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': Record<string, never>;
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  balls_sheet: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        lessonId: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description The balls as a spreadsheet, as in the CSV */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet': string;
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  blocks_list: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        lessonId: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description In the order begun; the last is under way */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Block'][];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  calendar_get: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['CalendarFeedAnswer'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  calendar_make: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['MakeFeed'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['NewCalendarFeed'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  calendar_end: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  calendar_read: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        token: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Lessons */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/calendar': string;
        };
      };
      429: components['responses']['Problem429'];
    };
  };
  pagechanges_take: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        token: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ChangesDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ChangesAnswer'];
        };
      };
      429: components['responses']['Problem429'];
    };
  };
  changes_take: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ChangesDto'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['ChangesAnswer'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToLog'];
    };
  };
  past_ofLesson: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description The newest first */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['HistoryEntry'][];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  past_ofPlayer: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description The newest first */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['HistoryEntry'][];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  past_ofAcademy: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Rules, drills and people; the newest first */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['HistoryEntry'][];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  consent_get: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['PlayerConsent'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToPlan'];
    };
  };
  consent_note: {
    parameters: {
      query?: never;
      header?: {
        /** @description Chosen by the writer: a write sent twice is taken once */
        'x-loxos-change'?: string;
        /** @description The device it was made on */
        'x-loxos-device'?: string;
      };
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['NoteConsent'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['PlayerConsent'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToPlan'];
    };
  };
  day_last: {
    parameters: {
      query: {
        /** @description The day it is for the coach, as YYYY-MM-DD */
        today: string;
      };
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['GivenTo'][];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  day_ofPlayer: {
    parameters: {
      query: {
        /** @description The day it is for the coach, as YYYY-MM-DD */
        today: string;
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Given'][];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  bays_list: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Bay'][];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  bays_makeToken: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['BayToken'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToPlan'];
    };
  };
  bays_endToken: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToPlan'];
    };
  };
  bays_giveWaiting: {
    parameters: {
      query?: never;
      header?: {
        /** @description Chosen by the writer: a write sent twice is taken once */
        'x-loxos-change'?: string;
        /** @description The device it was made on */
        'x-loxos-device'?: string;
      };
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['GiveWaiting'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['GivenWaiting'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToLog'];
    };
  };
  live_take: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['LiveMessage'];
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['LiveAnswer'];
        };
      };
      401: components['responses']['Problem401TheTokenIsOfNoBay'];
      429: components['responses']['Problem429'];
    };
  };
  live_listen: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        lessonId: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Balls as they come into the lesson */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/event-stream': string;
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  drills_list: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['OwnDrill'][];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  health_health: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Health'];
        };
      };
    };
  };
  policyreports_take: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      429: components['responses']['Problem429'];
    };
  };
  uploadsunderway_find: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['FileUnderWay'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToLog'];
    };
  };
  uploadsunderway_stop: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description It stops where it still can */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToLog'];
    };
  };
  intake_list: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        lessonId: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['LaunchFile'][];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  intake_bringIn: {
    parameters: {
      query?: never;
      header?: {
        /** @description Chosen by the writer: a write sent twice is taken once */
        'x-loxos-change'?: string;
        /** @description The device it was made on */
        'x-loxos-device'?: string;
      };
      path: {
        lessonId: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'multipart/form-data': {
          /**
           * Format: binary
           * @description Launch data: delimited text, .xlsx or JSON
           */
          file: string;
          /** @description IntakeAnswers as JSON */
          answers?: string;
          /**
           * @description Asks anew what was answered for this source before
           * @enum {string}
           */
          again?: 'yes';
        };
      };
    };
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['IntakeResult'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToLog'];
    };
  };
  intake_rows: {
    parameters: {
      query?: {
        /** @description So many rows are left out first */
        skip?: number;
        /** @description Only rows of this fate */
        fate?:
          | 'ball'
          | 'rejected'
          | 'other'
          | 'header'
          | 'units'
          | 'preamble'
          | 'title'
          | 'note'
          | 'summary'
          | 'blank'
          | 'known';
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['RowPage'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  intake_raw: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description The file as it came */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/octet-stream': string;
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  sources_all: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['FileSource'][];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  kept_inForce: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description What is kept, who reads it and for how long */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Kept'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  kept_gone: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Players long gone, the longest first */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['GonePlayer'][];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToOwn'];
    };
  };
  kept_keep: {
    parameters: {
      query?: never;
      header?: {
        /** @description Chosen by the writer: a write sent twice is taken once */
        'x-loxos-change'?: string;
        /** @description The device it was made on */
        'x-loxos-device'?: string;
      };
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description They are asked about again in a year */
      204: {
        headers: {
          [name: string]: unknown;
        };
        content?: never;
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToOwn'];
    };
  };
  lessons_list: {
    parameters: {
      query?: {
        /** @description From this ISO 8601 instant */
        from?: string;
        /** @description Before this ISO 8601 instant */
        to?: string;
        playerId?: string;
      };
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description In order, a player’s newest first; at most 1000: ask on with from or to */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['LessonSummary'][];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  lessons_get: {
    parameters: {
      query?: never;
      header?: {
        /** @description The device that asks */
        'x-loxos-device'?: string;
      };
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['LessonHead'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  givenpage_open: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        token: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Core.PageContent'] &
            components['schemas']['PageHead'];
        };
      };
      429: components['responses']['Problem429'];
    };
  };
  givenpage_calendar: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        token: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description Homework and the next look */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'text/calendar': string;
        };
      };
      429: components['responses']['Problem429'];
    };
  };
  pages_list: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        lessonId: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SharedPage'][];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  pages_share: {
    parameters: {
      query?: never;
      header?: {
        /** @description Chosen by the writer: a write sent twice is taken once */
        'x-loxos-change'?: string;
        /** @description The device it was made on */
        'x-loxos-device'?: string;
      };
      path: {
        lessonId: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['SharePage'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['NewSharedPage'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToPlan'];
    };
  };
  pages_reports: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        playerId: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description The reports given to a player */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['SharedPage'][];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  pages_report: {
    parameters: {
      query?: never;
      header?: {
        /** @description Chosen by the writer: a write sent twice is taken once */
        'x-loxos-change'?: string;
        /** @description The device it was made on */
        'x-loxos-device'?: string;
      };
      path: {
        playerId: string;
      };
      cookie?: never;
    };
    requestBody: {
      content: {
        'application/json': components['schemas']['ShareReport'];
      };
    };
    responses: {
      201: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['NewSharedPage'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToPlan'];
    };
  };
  players_list: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Player'][];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  players_get: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Player'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  effects_ofPlayer: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['Core.DrillEffect'][];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  record_ofPlayer: {
    parameters: {
      query?: {
        /** @description The kind hit most, where left out */
        kind?: 'driver' | 'fairway' | 'hybrid' | 'iron' | 'wedge';
        /** @description Only visits from this ISO day on */
        from?: string;
        /** @description Only visits up to this ISO day */
        to?: string;
        /** @description ISO day the second of the two periods begins at; the last change, where left out */
        parted?: string;
      };
      header?: never;
      path: {
        id: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['RecordAnswer'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  record_standings: {
    parameters: {
      query?: {
        /** @description Only players who went away from the wanted since this ISO day */
        since?: string;
      };
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['PlayerStandings'][];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  record_moved: {
    parameters: {
      query: {
        kind: 'driver' | 'fairway' | 'hybrid' | 'iron' | 'wedge';
      };
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['AcademyMoved'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  settings_get: {
    parameters: {
      query?: never;
      header?: never;
      path?: never;
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['StoredSettings'];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  steps_parts: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        lessonId: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['LessonPart'][];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
  steps_repetitions: {
    parameters: {
      query?: never;
      header?: never;
      path: {
        lessonId: string;
      };
      cookie?: never;
    };
    requestBody?: never;
    responses: {
      /** @description In the order made, the last 5000 */
      200: {
        headers: {
          [name: string]: unknown;
        };
        content: {
          'application/json': components['schemas']['StoredRepetition'][];
        };
      };
      401: components['responses']['Problem401NobodyIsSignedIn'];
      403: components['responses']['Problem403NeedsTheRightToSee'];
    };
  };
}
