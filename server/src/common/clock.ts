/** Now, as the text the store keeps. */
export const nowText = (): string => new Date().toISOString();
