import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import { ROOT } from '../machine/root.mjs';
import { runQuietly } from '../machine/shell.mjs';

export const WEB_DIR = join(ROOT, 'apps/app/dist');
export const SERVER_FILE = join(ROOT, 'apps/server/dist/main.mjs');
const STAMP = join(WEB_DIR, '.made-from');
const WEB_INPUTS = ['apps/app', 'packages/core/src', 'packages/contract/src', 'package-lock.json'];
const NOT_INPUT = new Set(['dist', 'node_modules', '.expo', '__tests__', 'test']);
const NOT_SHELL = /^\/(sw\.js|index\.html|metadata\.json)$|\.(map|br|gz)$|\/\.|^\/\.made-from$/;
const SQUEEZED = /\.(js|css|html|svg|json|ttf)$/;

/** Bundles the server; quick enough to do each time. */
export async function buildServer() {
  const { build } = await import('esbuild');
  await build({
    entryPoints: {
      main: join(ROOT, 'apps/server/src/main.ts'),
      'add-account': join(ROOT, 'apps/server/src/add-account.ts'),
      'ranking.worker': join(ROOT, 'apps/server/src/rankings/ranking.worker.ts'),
    },
    outdir: join(ROOT, 'apps/server/dist'),
    outExtension: { '.js': '.mjs' },
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    packages: 'external',
    sourcemap: true,
    logLevel: 'warning',
    alias: await workspaceSources(),
  });
}

/** Workspace packages are source, so they are bundled and everything else stays outside. */
async function workspaceSources() {
  const names = ['core', 'contract', 'demo'];
  return Object.fromEntries(names.map((name) => [`@fulcra/${name}`, join(ROOT, `packages/${name}/src/index.ts`)]));
}

/** Exports the web application when what it is made from has changed. @returns what it did, in words */
export function buildWebIfStale() {
  const wanted = fingerprint(WEB_INPUTS.map((path) => join(ROOT, path)));
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === wanted) return 'up to date';
  runQuietly('npx', ['expo', 'export', '-p', 'web', '--output-dir', 'dist'], {
    cwd: join(ROOT, 'apps/app'),
    env: { ...process.env, EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', CI: '1', NODE_ENV: 'production' },
  });
  writeShellList(WEB_DIR);
  squeeze(WEB_DIR);
  mkdirSync(WEB_DIR, { recursive: true });
  writeFileSync(STAMP, wanted);
  return 'built';
}

function* filesBelow(path) {
  if (!statSync(path).isDirectory()) return yield path;
  for (const name of readdirSync(path).sort()) if (!NOT_INPUT.has(name)) yield* filesBelow(join(path, name));
}

function fingerprint(paths) {
  const hash = createHash('sha256');
  for (const path of paths) for (const file of filesBelow(path)) hash.update(file.slice(ROOT.length)).update(readFileSync(file));
  return hash.digest('hex');
}

/** Tells the service worker which files make the application, and which version they are. */
function writeShellList(dir) {
  const files = [...filesBelow(dir)].map((path) => path.slice(dir.length)).filter((path) => !NOT_SHELL.test(path));
  const version = fingerprint(files.map((path) => join(dir, path))).slice(0, 16);
  const worker = join(dir, 'sw.js');
  const text = readFileSync(worker, 'utf8')
    .replace('VERSION_OF_THE_BUILD', version)
    .replace("['FILES_OF_THE_BUILD']", JSON.stringify(['/', ...files]));
  writeFileSync(worker, text);
}

function squeeze(dir) {
  for (const name of readdirSync(dir)) {
    const path = join(dir, name);
    if (statSync(path).isDirectory()) squeeze(path);
    else if (SQUEEZED.test(name)) {
      const raw = readFileSync(path);
      writeFileSync(`${path}.br`, brotliCompressSync(raw, { params: { [constants.BROTLI_PARAM_QUALITY]: 9 } }));
      writeFileSync(`${path}.gz`, gzipSync(raw));
    }
  }
}
