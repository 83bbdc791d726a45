import { enterCheckout, prepareBuild, preparePackages } from './lib/prepare.mjs';
import { needProgram, runProgram } from './lib/programs.mjs';
import { run } from './lib/say.mjs';

/** Figures of speed, as JSON lines. */
run(async () => {
  enterCheckout();
  await preparePackages();
  await needProgram('mariadbd', 'mariadb-server');
  await prepareBuild();
  process.exit(await runProgram(process.execPath, ['--import', 'tsx', 'bench/answers.ts']));
});
