import type { Plugin } from 'vite';

/**
 * Files that need each other in a ring are run in an order that nobody chose: what one takes from another as it
 * begins may not be there yet. Such a build is refused.
 */
export const noRings = (): Plugin => ({
  name: 'no-rings',
  generateBundle(_options, bundle) {
    const needs = new Map(
      Object.values(bundle).flatMap((one) =>
        one.type === 'chunk' ? [[one.fileName, one.imports] as const] : [],
      ),
    );
    const done = new Set<string>();
    const visit = (file: string, path: readonly string[]): void => {
      if (path.includes(file))
        this.error(`These files need each other: ${[...path.slice(path.indexOf(file)), file].join(' → ')}`);
      if (done.has(file)) return;
      for (const next of needs.get(file) ?? []) visit(next, [...path, file]);
      done.add(file);
    };
    for (const file of needs.keys()) visit(file, []);
  },
});
