// Benchmarks: each prints a ratio against a named peer in the same run. `npm run bench`.
import { buildIfNeeded, installIfNeeded } from './shared.mjs';

installIfNeeded();
buildIfNeeded();
const { benchFlight } = await import('../bench/flight.mjs');
const { benchIntake } = await import('../bench/intake.mjs');

const round = (value) => Math.round(value).toLocaleString('en');
function table(title, rows, unit) {
  console.log(`\n${title}`);
  for (const { name, perSecond, tolerance } of rows) {
    const at = tolerance ? ` at tolerance ${tolerance.toExponential(1)}` : '';
    console.log(`  ${name.padEnd(28)} ${round(perSecond).padStart(10)} ${unit}/s${at}`);
  }
}

const flights = benchFlight();
table('Flights landing within 1 cm (one core)', flights, 'flights');
const [own, , ...peers] = flights;
const bestPeer = peers.reduce((a, b) => (a.perSecond > b.perSecond ? a : b));
console.log(
  `  loxos is ${(own.perSecond / bestPeer.perSecond).toFixed(1)} times ${bestPeer.name}, the faster peer (aim: at least 10)`,
);

const intake = benchIntake();
table('Rows of a launch file', intake, 'rows');
console.log(
  `  loxos runs at ${((100 * intake[0].perSecond) / intake[1].perSecond).toFixed(0)} % of the package alone (aim: at least 50 %)`,
);
