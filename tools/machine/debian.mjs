import { isRoot, isThere, run } from './shell.mjs';

/** Debian packages the project stands on, by the command each brings. */
const PACKAGES = { mariadbd: 'mariadb-server', chromium: 'chromium' };

/** Installs what is missing; where it may not, says the one line to run. */
export function needCommand(command) {
  const found = () => isThere(command) || isThere(`/usr/sbin/${command}`);
  if (found()) return;
  const name = PACKAGES[command];
  const line = `apt-get update && apt-get install -y --no-install-recommends ${name}`;
  const asRoot = isRoot() ? ['sh', ['-c', line]] : isThere('sudo') ? ['sudo', ['-n', 'sh', '-c', line]] : null;
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const code = asRoot === null ? 1 : run(asRoot[0], asRoot[1], { env, stdio: ['ignore', 'ignore', 'inherit'] });
  if (code === 0 && found()) return;
  throw new Error(`${command} is missing and could not be installed from here. Run this line as root, then try again:\n  ${line}`);
}
