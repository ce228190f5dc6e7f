// The first code that runs: while the app is still fetched, what the Day shows is asked for. A lesson is not: its head
// says what other devices changed since its pieces were asked for, and must not come much later than they.
import { formatISO } from 'date-fns';
import { askEarly } from './api/early.ts';
import { keptAccount } from './api/who.ts';
import { weekOf } from './ui/week.ts';

const isDay = globalThis.location.pathname === '/';

if (isDay && keptAccount() !== null) {
  const now = new Date();
  const today = formatISO(now, { representation: 'date' });
  const week = new URLSearchParams(weekOf(now)).toString();
  const paths = ['account', 'players', `lessons?${week}`, `given?today=${today}`];
  for (const path of paths) askEarly(`/api/${path}`);
}
