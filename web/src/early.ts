// The first code that runs: while the app is still fetched, what the Day shows is asked for. A lesson is not: its head
// says what other devices changed since its pieces were asked for, and must not come much later than they.
import { askEarly } from './api/early.ts';
import { keptAccount } from './api/who.ts';
import { today } from './ui/academy-time.ts';
import { weekOf } from './ui/week.ts';

const isDay = globalThis.location.pathname === '/';

if (isDay && keptAccount() !== null) {
  const day = today();
  const week = new URLSearchParams(weekOf(day)).toString();
  const paths = ['account', 'players', `lessons?${week}`, `given?today=${day}`];
  for (const path of paths) askEarly(`/api/${path}`);
}
