// The browser of the interface tests and the reader of their PDFs, from Debian's packages when missing.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

const PLACES = ['/usr/bin/chromium', '/usr/bin/chromium-browser', '/usr/bin/google-chrome'];

function aptInstall(...packages) {
  const sudo = process.getuid?.() === 0 ? [] : ['sudo', '-n'];
  const run = (...args) => {
    const [program, ...rest] = [...sudo, 'apt-get', ...args];
    return spawnSync(program, rest, {
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    }).status;
  };
  return (
    run('update', '-qq') === 0 &&
    run('install', '-y', '-qq', '--no-install-recommends', ...packages) === 0
  );
}

/** Path of a Chromium; LOXOS_CHROMIUM says another one. Ends the program when there is none. */
export function chromiumPath() {
  const said = process.env.LOXOS_CHROMIUM;
  if (said !== undefined && existsSync(said)) return said;
  const found = () => PLACES.find((place) => existsSync(place));
  if (found() === undefined) {
    console.log('Installing Chromium from Debian’s packages …');
    aptInstall('chromium');
  }
  const path = found();
  if (path !== undefined) return path;
  console.error(
    'No Chromium found. Install one (`apt-get install chromium`) or set LOXOS_CHROMIUM to its path.',
  );
  process.exit(1);
}

/** Makes sure that `pdftotext` is there, for reading PDFs back. */
export function needPdfReader() {
  const found = () => spawnSync('pdftotext', ['-v'], { stdio: 'ignore' }).error === undefined;
  if (found()) return;
  console.log('Installing poppler-utils from Debian’s packages …');
  aptInstall('poppler-utils');
  if (found()) return;
  console.error('No pdftotext found. Install poppler (`apt-get install poppler-utils`).');
  process.exit(1);
}
