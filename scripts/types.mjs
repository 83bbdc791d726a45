import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { enterCheckout } from './lib/prepare.mjs';

/**
 * Checks the types of everything. The native compiler does what holds no components in a tenth of the time; those are
 * read by vue-tsc, which stands on the compiler written in JavaScript.
 */
const native = ['core', 'server', 'tsconfig.tools.json'].map((project) => [
  path.join('node_modules', 'typescript-native', 'bin', 'tsc'),
  project,
]);
const components = [path.join('node_modules', 'vue-tsc', 'bin', 'vue-tsc.js'), 'web'];

enterCheckout();
let failed = false;
for (const [compiler, project] of [...native, components]) {
  const { status } = spawnSync(process.execPath, [compiler, '-p', project], { stdio: 'inherit' });
  failed ||= status !== 0;
}
process.exit(failed ? 1 : 0);
