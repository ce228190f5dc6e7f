/** Our type and colours for charts, as they are in the theme at hand. */
const variable = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim();

export const ink = (name: string): string => variable(`--${name}`);
export const chartFont = () => ({ family: variable('--font-sans') || 'sans-serif', size: 14 });
