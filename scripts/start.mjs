// The app with the user's own data: PORT and LOXOS_DATA say where.
import { buildIfNeeded, installIfNeeded, serve } from './shared.mjs';

installIfNeeded();
buildIfNeeded();
serve(process.execPath, ['server/dist/main.js'], {});
