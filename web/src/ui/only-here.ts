/** Returns whether a link names the very machine it is opened on, so that nobody else’s leads here. */
export function isOnlyHere(link: string): boolean {
  const { hostname } = new URL(link);
  return /^(localhost|127(\.\d+){3}|\[::1\])$/.test(hostname);
}
