// Benchmarks: each prints a ratio against a named peer in the same run. `npm run bench`.
import { buildIfNeeded, installIfNeeded } from './shared.mjs';

installIfNeeded();
buildIfNeeded();
const { benchFlight } = await import('../bench/flight.mjs');
const { benchIntake } = await import('../bench/intake.mjs');
const { benchOddFiles } = await import('../bench/odd-files.mjs');
const { benchReading } = await import('../bench/reading.mjs');
const { benchPlaces } = await import('../bench/places.mjs');
const { benchHostile } = await import('../bench/hostile.mjs');
const { benchLive } = await import('../bench/live.mjs');

const round = (value) => Math.round(value).toLocaleString('en');
function table(title, rows, unit) {
  console.log(`\n${title}`);
  for (const { name, perSecond } of rows)
    console.log(`  ${name.padEnd(28)} ${round(perSecond).padStart(10)} ${unit}/s`);
}

const { flights, cases, worstMm, shipped } = benchFlight();
const [own, ...peers] = flights;
console.log(`\n${cases} flights over the bag, speeds and winds, each within 1 cm (one core)`);
for (const { name, perSecond, inWind, tolerance } of flights)
  console.log(
    `  ${name.padEnd(24)} ${round(perSecond).padStart(8)} flights/s, in wind ${round(inWind).padStart(7)}, at tolerance ${tolerance.toExponential(1)}`,
  );
console.log(
  `  as shipped ${round(shipped)} flights/s, at worst ${worstMm.toFixed(1)} mm off (aim: within 10)`,
);
for (const [of, where] of [
  ['perSecond', 'in still air'],
  ['inWind', 'in wind'],
]) {
  const best = peers.reduce((a, b) => (a[of] > b[of] ? a : b));
  const times = (own[of] / best[of]).toFixed(1);
  console.log(`  ${where}: ${times} times ${best.name}, the faster peer (aim: at least 5)`);
}

const intake = benchIntake();
table('Rows of a launch file', intake, 'rows');
const percentOf = (peer) => `${((100 * intake[0].perSecond) / peer.perSecond).toFixed(0)} %`;
console.log(
  `  loxos runs at ${percentOf(intake[1])} of the package where that gives numbers too, ${percentOf(intake[2])} where it only parts the cells (aim: at least 60 %)`,
);

console.log('\nOdd files: twice as many letters (aim: under three times as long)');
for (const { name, times, usALetter } of benchOddFiles())
  console.log(
    `  ${name.padEnd(28)} ${times.toFixed(1)} times, ${usALetter.toFixed(2)} µs a letter`,
  );

const reading = benchReading();
const ms = (value) => `${value.toFixed(2)} ms`;
console.log('\nReading backwards, splitting, whole sessions (one core)');
console.log(
  `  a backward solve            ${ms(reading.solveMs)} (aim: under 2 ms); ml-levenberg-marquardt ${ms(reading.solvePeerMs)}: ${(reading.solvePeerMs / reading.solveMs).toFixed(1)} times as long`,
);
console.log(`  a split of one ball         ${ms(reading.splitMs)} (aim: under 10 ms)`);
console.log(`  a Workshop frame's figures  ${ms(reading.frameMs)} (aim: under 16 ms)`);
console.log(`  1,000 balls, full rows      ${ms(reading.sessionMs)} (aim: under 1,000 ms)`);
console.log(`  1,000 balls, ball only      ${ms(reading.ballOnlyMs)} (aim: under 1,000 ms)`);
const ofAll = (msOfThousand) => `${((400 * msOfThousand) / 1000).toFixed(0)} s`;
console.log(
  `  kept, 400,000 balls         full rows ${ofAll(reading.keptMs)} (aim: 30 s), ball only ${ofAll(reading.keptBallOnlyMs)} (aim: 60 s); ${reading.bytesABall} bytes a ball (aim: about 90)`,
);

const { rows, shares, importMs, rawMs, othersP95Ms } = await benchPlaces();
const bare = rows[0];
console.log(
  '\nAn academy of 200 players, 5,000 lessons, 400,000 balls (aim: each place under 100 ms, a tap under 20)',
);
for (const { name, p50, p95 } of rows) {
  const ratio = (p50 / bare.p50).toFixed(1);
  console.log(
    `  ${name.padEnd(26)} p50 ${ms(p50).padStart(9)}, p95 ${ms(p95).padStart(9)}, ${ratio} times the bare route`,
  );
}
for (const { name, own, peer } of shares)
  console.log(
    `  ${name.padEnd(26)} ${round(own)} requests/s, ${((100 * own) / peer).toFixed(0)} % of the bare framework with SQL by hand (aim: at least 50 %)`,
  );
console.log(
  `  50,000 rows come in        ${ms(importMs)}, ${(importMs / rawMs).toFixed(1)} times raw prepared inserts (aim: 2); others meanwhile p95 ${ms(othersP95Ms)} (aim: under 50 ms)`,
);

const { quiet, beside, answers } = await benchHostile();
const times = (of) => (beside[of] / quiet[of]).toFixed(1);
console.log(
  '\nWhile an assistant sends one hostile file after the other (aim: at most twice the quiet time)',
);
console.log(
  `  a plain file               ${ms(beside.fileMs)}, ${times('fileMs')} times the quiet ${ms(quiet.fileMs)}`,
);
console.log(
  `  others' lists, p95         ${ms(beside.othersP95Ms)}, ${times('othersP95Ms')} times the quiet ${ms(quiet.othersP95Ms)}`,
);
for (const [name, { status, ms: took }] of answers)
  console.log(`  ${name.padEnd(26)} answered ${status} within ${ms(took)} (aim: 2 s)`);

const { bays, own: live, peer: relayed } = await benchLive();
console.log(`\n${bays} bays live, from a post to whoever listens (aim: p95 under 200 ms)`);
console.log(
  `  ${live.count} balls: p50 ${ms(live.p50)}, p95 ${ms(live.p95)}, p99 ${ms(live.p99)}; p50 ${(live.p50 / relayed.p50).toFixed(1)} times a relay that neither reads nor stores (${ms(relayed.p50)})`,
);
