/** Ports that browsers, and Node's own fetch, never open, from 1024 on (WHATWG Fetch, §2.9 "Port blocking", from memory). */
export const REFUSED_PORTS: ReadonlySet<number> = new Set([
  1719, 1720, 1723, 2049, 3659, 4045, 4190, 5060, 5061, 6000, 6566, 6665, 6666, 6667, 6668, 6669,
  6679, 6697, 10080,
]);
