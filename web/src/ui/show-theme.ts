/** Shows the light or the dark theme. */
export function showTheme(isDark: boolean): void {
  document.documentElement.dataset['theme'] = isDark ? 'dark' : 'light';
}
