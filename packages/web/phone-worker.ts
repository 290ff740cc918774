import { createHash } from 'node:crypto';
import { rolldown } from 'rolldown';
import type { Plugin } from 'vite';

/** What the build puts out: files by their names. */
type Bundle = Parameters<NonNullable<Extract<Plugin['writeBundle'], (...args: never[]) => unknown>>>[1];

/** The pages that a phone has. */
const PAGES = /features\/(service|fix)\/\w+View\.vue$|features\/trial\/OpenTrialView\.vue$/;
/** What is fetched by need and no phone has: charts, and what only the desk's sides of a page show. */
const LEFT_OUT = /DrawnChart|charts-/;
/** Letters of the languages that the pages are written in. */
const FONTS = /latin-\d+-\w+-[\w-]+\.woff2$/;

/** The files that a phone keeps: the first page, the pages that it has, and what these are made of. */
export function phoneFiles(bundle: Bundle): string[] {
  const found = new Set<string>();
  const take = (name: string, deep: boolean): void => {
    const file = bundle[name];
    if (found.has(name) || file?.type !== 'chunk') return;
    found.add(name);
    for (const inner of file.imports) take(inner, false);
    if (deep) for (const inner of file.dynamicImports) if (!LEFT_OUT.test(inner)) take(inner, false);
  };
  for (const file of Object.values(bundle)) {
    if (file.type !== 'chunk') continue;
    if (file.isEntry) take(file.fileName, false);
    if (file.facadeModuleId && PAGES.test(file.facadeModuleId)) take(file.fileName, true);
  }
  const beside = Object.keys(bundle).filter(name => name.endsWith('.css') || FONTS.test(name));
  return [...found, ...beside].sort();
}

/**
 * Writes the service worker of phones (`sw.js`), with the list of the files that it keeps. It is a bundle of its own:
 * it must be one file at the root, and shares nothing with the pages.
 */
export function phoneWorker(): Plugin {
  return {
    name: 'hornblende-phone-worker',
    apply: 'build',
    async writeBundle({ dir }, bundle) {
      const page = bundle['index.html'];
      if (!page || page.type !== 'asset' || !dir) throw new Error('the build has no index.html');
      const revision = createHash('sha256').update(page.source).digest('hex').slice(0, 16);
      const files = [
        { url: '/index.html', revision },
        ...phoneFiles(bundle).map(name => ({ url: `/${name}`, revision: null })),
      ];
      const built = await rolldown({
        input: `${import.meta.dirname}/src/phone/service-worker.ts`,
        platform: 'browser',
        logLevel: 'warn',
        transform: {
          define: { PHONE_FILES: JSON.stringify(files), 'process.env.NODE_ENV': '"production"' },
        },
      });
      await built.write({ file: `${dir}/sw.js`, format: 'iife', minify: true });
      await built.close();
    },
  };
}
