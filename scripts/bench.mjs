import { enterCheckout, prepareBuild, preparePackages } from './lib/prepare.mjs';
import { needProgram, runProgram } from './lib/programs.mjs';
import { run } from './lib/say.mjs';

/** Figures of speed, as JSON lines. */
run(async () => {
  enterCheckout();
  await preparePackages();
  await needProgram('mariadbd', 'mariadb-server');
  await prepareBuild();
  for (const one of [
    'bench/replay.ts',
    'bench/report.ts',
    'bench/rehearsal.ts',
    'bench/answers.ts',
    'bench/alone.ts',
    'bench/practice.ts',
    'bench/sittings.ts',
    'bench/handsetPage.ts',
    'bench/library.ts',
    'bench/studio.ts',
  ]) {
    const code = await runProgram(process.execPath, ['--import', 'tsx', one]);
    if (code !== 0) process.exit(code);
  }
  process.exit(0);
});
