// What others have of it while an assistant sends files that take as long as a file can: a plain file beside them, and the lists.
import { edit } from './edit.mjs';
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createInterface } from 'node:readline';
import { fileURLToPath } from 'node:url';
import { strToU8, zipSync } from 'fflate';

const MAIN = fileURLToPath(new URL('../server/dist/main.js', import.meta.url));
const ROUNDS = 400;
const FILES = 30;

const MAIN_XML = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';
const OFFICE = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
const PACKAGE = 'http://schemas.openxmlformats.org/package/2006/relationships';
const WORKBOOK = `<workbook xmlns="${MAIN_XML}" xmlns:r="${OFFICE}"><sheets><sheet name="A" sheetId="1" r:id="rId1"/></sheets></workbook>`;
const LINKS = `<Relationships xmlns="${PACKAGE}"><Relationship Id="rId1" Type="${OFFICE}/worksheet" Target="worksheets/sheet1.xml"/></Relationships>`;
const sheetOf = (rows) =>
  zipSync({
    'xl/workbook.xml': strToU8(WORKBOOK),
    'xl/_rels/workbook.xml.rels': strToU8(LINKS),
    'xl/worksheets/sheet1.xml': strToU8(
      `<worksheet xmlns="${MAIN_XML}"><sheetData>${rows}</sheetData></worksheet>`,
    ),
  });
const many = (rows, columns) =>
  Array.from({ length: rows }, (_, r) => {
    const cells = Array.from({ length: columns }, (_, c) => `<c><v>${r + c}.25</v></c>`);
    return `<row>${cells.join('')}</row>`;
  }).join('');

/** Files that take long: as many cells as are taken, tags without end, names without end. */
const HOSTILE = () => [
  ['many-cells.xlsx', sheetOf(many(6000, 40))],
  ['long-tag.xlsx', sheetOf(`<row ${'a="a='.repeat(400_000)}>`)],
  ['far.xlsx', sheetOf('<row r="1048576"><c r="XFD1048576"><v>1</v></c></row>')],
  [
    'names.json',
    strToU8(
      JSON.stringify(Object.fromEntries(Array.from({ length: 250_000 }, (_, i) => [`k${i}`, i]))),
    ),
  ],
];
const plain = (n) =>
  strToU8(
    `Club,Face (deg),Path (deg),Carry (m)\n${Array.from({ length: 60 }, (_, i) => `7 iron,${(i % 7) / 2},${(i % 5) - 2},${140 + ((i + n) % 9)}`).join('\n')}\n`,
  );

async function server() {
  const folder = mkdtempSync(join(tmpdir(), 'loxos-hostile-'));
  const child = spawn(process.execPath, [MAIN], {
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...process.env, PORT: '0', LOXOS_DATA: folder },
  });
  const address = await new Promise((resolve) =>
    createInterface({ input: child.stdout }).once('line', (line) =>
      resolve(/http:\S+/.exec(line)[0]),
    ),
  );
  return {
    address,
    stop: () => {
      child.kill('SIGKILL');
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** Somebody who asks; JSON goes and comes. */
function person(address, cookie = '') {
  const ask = async (path, body) => {
    const isFile = body instanceof FormData;
    const answer = await fetch(address + path, {
      method: body === undefined ? 'GET' : 'POST',
      headers: { cookie, ...(!isFile && { 'content-type': 'application/json' }) },
      ...(body !== undefined && { body: isFile ? body : JSON.stringify(body) }),
    });
    return { answer, body: await answer.json().catch(() => null) };
  };
  const enter = async (path, body) =>
    person(address, (await ask(path, body)).answer.headers.getSetCookie()[0].split(';')[0]);
  const send = (lessonId, name, bytes) => {
    const form = new FormData();
    form.append('file', new Blob([bytes]), name);
    return ask(`/api/lessons/${lessonId}/files`, form);
  };
  return { ask, enter, send };
}

const p95Of = (ms) => ms.sort((a, b) => a - b)[Math.floor(0.95 * ms.length)];
const medianOf = (ms) => ms.sort((a, b) => a - b)[Math.floor(ms.length / 2)];
async function timed(times, work) {
  const ms = [];
  for (let n = 0; n < times; n++) {
    const start = performance.now();
    await work(n);
    ms.push(performance.now() - start);
  }
  return ms;
}

/** Times of others, quiet and beside hostile files, ms. */
export async function benchHostile() {
  const { address, stop } = await server();
  try {
    const owner = await person(address).enter('/api/academy', {
      academy: 'Bench',
      name: 'Ada Reed',
      email: 'ada@bench.example',
      password: 'nine red kites',
    });
    const invited = await owner.ask('/api/invitations', { role: 'assistant', name: 'Kit' });
    const assistant = await person(address).enter(`/api/links/${invited.body.token}`, {
      name: 'Kit',
      email: 'kit@bench.example',
      password: 'seven grey herons',
    });
    const ask = async (path, { body }) => (await owner.ask(path, body)).body;
    const of = await edit(ask, 'player.add', { fields: { name: 'Ida', hand: 'right' } });
    const startsAt = new Date().toISOString();
    const lessonOf = () => edit(ask, 'lesson.add', { of, fields: { startsAt } });
    const [ours, theirs] = [await lessonOf(), await lessonOf()];
    let sent = 0;
    const file = () => owner.send(ours, 'plain.csv', plain(sent++));
    const lists = () => owner.ask('/api/players');
    const measure = async () => ({
      fileMs: medianOf(await timed(FILES, file)),
      othersP95Ms: p95Of(await timed(ROUNDS, lists)),
    });
    // Threads are begun, and code is warm.
    await measure();
    const quiet = await measure();
    const files = HOSTILE();
    const answers = new Map();
    let isOn = true;
    const attack = (async () => {
      for (let n = 0; isOn; n++) {
        const [name, bytes] = files[n % files.length];
        const start = performance.now();
        const { answer } = await assistant.send(theirs, name, bytes);
        const ms = performance.now() - start;
        answers.set(name, { status: answer.status, ms: Math.max(ms, answers.get(name)?.ms ?? 0) });
      }
    })();
    const beside = await measure();
    isOn = false;
    await attack;
    return { quiet, beside, answers };
  } finally {
    stop();
  }
}
