// From a fresh clone to the running application with the demo studio: npm run demo
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { needPackages, run } from './setup.mjs';

needPackages();
run('npm', ['run', 'build']);
run('node', ['--enable-source-maps', 'apps/server/dist/main.js'], {
  POTTER_SEED: 'demo/orchard-ledger',
  POTTER_DB:
    process.env.POTTER_DB ?? pathToFileURL(join(process.cwd(), 'apps/server/data/demo.db')).href,
});
