// The peer of the places: the same framework with nothing in it, answering the same rows by SQL written by hand.
import 'reflect-metadata';
import { Controller, Get, Module, Param, Query } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import Database from 'libsql';

const db = new Database(process.argv[2], { readonly: true });
const { id: academyId } = db.prepare('select id from academy').get();
const PLAYER = 'p.id, p.name, p.hand, p.created_at, p.aims, p.body_notes, p.wanted, p.version';
const statements = {
  players: db.prepare(
    `select ${PLAYER} from player p where p.academy_id = ? and p.deleted_at is null order by p.name`,
  ),
  lessons: db.prepare(
    `select l.id, l.starts_at, l.asked, l.ball_count, l.version, ${PLAYER} from lesson l join player p on p.id = l.player_id
     where l.academy_id = ? and l.deleted_at is null and l.starts_at >= ? and l.starts_at < ? order by l.starts_at`,
  ),
  ofPlayer: db.prepare(
    `select l.id, l.starts_at, l.asked, l.ball_count, l.version, ${PLAYER} from lesson l join player p on p.id = l.player_id
     where l.academy_id = ? and l.player_id = ? and l.deleted_at is null order by l.starts_at desc`,
  ),
  head: db.prepare(
    `select l.*, ${PLAYER} from lesson l join player p on p.id = l.player_id where l.academy_id = ? and l.id = ?`,
  ),
  balls: db.prepare(
    `select * from ball where academy_id = ? and lesson_id = ? and deleted_at is null order by ordinal limit 1000`,
  ),
};

/** The rows alone: the driver says more beside them. */
const plain = (rows) =>
  rows.map((row) => {
    delete row._metadata;
    return row;
  });

class Bare {
  players() {
    return plain(statements.players.all(academyId));
  }
  lessons(from, to, playerId) {
    return plain(
      playerId === undefined
        ? statements.lessons.all(academyId, from, to)
        : statements.ofPlayer.all(academyId, playerId),
    );
  }
  head(id) {
    return plain(statements.head.all(academyId, id))[0];
  }
  balls(id) {
    return plain(statements.balls.all(academyId, id));
  }
}
const route = (name, path) =>
  Get(path)(Bare.prototype, name, Object.getOwnPropertyDescriptor(Bare.prototype, name));
route('players', 'players');
route('lessons', 'lessons');
route('head', 'lessons/:id');
route('balls', 'lessons/:id/balls');
['from', 'to', 'playerId'].forEach((name, n) => Query(name)(Bare.prototype, 'lessons', n));
Param('id')(Bare.prototype, 'head', 0);
Param('id')(Bare.prototype, 'balls', 0);
Controller('api')(Bare);
class BareModule {}
Module({ controllers: [Bare] })(BareModule);

const app = await NestFactory.create(BareModule, { logger: false });
await app.listen(0, '127.0.0.1');
console.log(`http://127.0.0.1:${app.getHttpServer().address().port}`);
