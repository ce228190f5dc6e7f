// The first code that runs: while the app is still fetched, what its first page shows is asked for.
import { formatISO } from 'date-fns';
import { askEarly } from './api/early.ts';
import { keptAccount } from './api/who.ts';
import { weekOf } from './ui/week.ts';

const LESSON = /^\/lessons\/([^/]+)\//;

function pathsOf(pathname: string): string[] {
  if (pathname === '/') {
    const today = formatISO(new Date(), { representation: 'date' });
    const week = new URLSearchParams(weekOf(new Date())).toString();
    return ['/api/players', `/api/lessons?${week}`, `/api/given?today=${today}`];
  }
  const id = LESSON.exec(pathname)?.[1];
  if (id === undefined) return [];
  const pieces = ['balls?after=0', 'blocks', 'parts', 'files', 'repetitions', 'pages'];
  return ['/api/settings', ...pieces.map((piece) => `/api/lessons/${id}/${piece}`)];
}

if (keptAccount() !== null)
  for (const path of ['/api/account', ...pathsOf(globalThis.location.pathname)]) askEarly(path);
