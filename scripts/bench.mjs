// Speed against its bars, on code built as the product is: npm run bench [-- core page load typing large record]
import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { installPackages } from './install.mjs';

installPackages();
const { build, bundle, ROOT } = await import('./build.mjs');

await build({ ifStale: true });
const out = path.join(ROOT, 'scripts/dist');
await bundle({ main: path.join(ROOT, 'scripts/bench/main.ts') }, out);
const done = spawnSync(process.execPath, [path.join(out, 'main.js'), ...process.argv.slice(2)], {
  stdio: 'inherit',
  cwd: ROOT,
});
process.exitCode = done.status ?? 1;
