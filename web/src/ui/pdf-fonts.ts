/** The files of the app's own type, for paper: `font-runs.ts` says which letters each is for. */
import bold from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff?inline';
import boldMore from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-700-normal.woff?inline';
import more from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-400-normal.woff?inline';
import text from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff?inline';
import sign from '@fontsource/bricolage-grotesque/files/bricolage-grotesque-latin-400-normal.woff?inline';
import title from '@fontsource/bricolage-grotesque/files/bricolage-grotesque-latin-700-normal.woff?inline';

const base64 = (dataUrl: string): string => dataUrl.slice(dataUrl.indexOf(',') + 1);

/** The files by name, as the writer takes them. */
export const FONT_FILES: Readonly<Record<string, string>> = {
  'text.woff': base64(text),
  'bold.woff': base64(bold),
  'more.woff': base64(more),
  'more-bold.woff': base64(boldMore),
  'sign.woff': base64(sign),
  'title.woff': base64(title),
};

const family = (normal: string, heavy: string) => ({
  normal,
  bold: heavy,
  italics: normal,
  bolditalics: heavy,
});
export const FONT_FAMILIES = {
  Text: family('text.woff', 'bold.woff'),
  More: family('more.woff', 'more-bold.woff'),
  Title: family('sign.woff', 'title.woff'),
};
/** The writer's own, for letters of other scripts. */
export const REST_FAMILY = family('Roboto-Regular.ttf', 'Roboto-Medium.ttf');
