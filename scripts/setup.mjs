// What a fresh machine needs before anything runs: npm's packages, and for tests Debian's Chromium and the tools of its certificate store.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

/** Runs a command with its output shown; a failure ends this process with the command's own code. */
export function run(command, args, env = {}) {
  const result = spawnSync(command, args, { stdio: 'inherit', env: { ...process.env, ...env } });
  if (result.status !== 0) process.exit(result.status ?? 1);
}

export function needPackages() {
  if (!existsSync('node_modules/.package-lock.json')) run('npm', ['ci', '--no-audit', '--no-fund']);
}

export function needChromium() {
  const missing = [
    ['chromium', process.env.CHROMIUM ?? '/usr/bin/chromium'],
    ['libnss3-tools', '/usr/bin/certutil'],
  ].flatMap(([name, file]) => (existsSync(file) ? [] : [name]));
  if (missing.length === 0) return;
  run('apt-get', ['update']);
  run('apt-get', ['install', '-y', '--no-install-recommends', ...missing]);
}
