import type { Plugin } from 'vite';

/**
 * Puts a script of its own before the app's in the page: Vite makes one file of all scripts of a page, and what is to
 * run first would wait for the last.
 */
export function early(module: string): Plugin {
  return {
    name: 'loxos-early',
    apply: 'build',
    buildStart() {
      this.emitFile({ type: 'chunk', id: module, name: 'early' });
    },
    transformIndexHtml: {
      order: 'post',
      handler(_, { bundle = {} }) {
        const own = Object.values(bundle).find(
          (file) => file.type === 'chunk' && file.isEntry && file.name === 'early',
        );
        if (own === undefined) return [];
        const attrs = { type: 'module', crossorigin: true, src: `/${own.fileName}` };
        return [{ tag: 'script', attrs, injectTo: 'head-prepend' }];
      },
    },
  };
}
