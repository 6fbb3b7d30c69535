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
const NOT_SHELL = ['sw.js', 'metadata.json', '**/*.map', '**/*.br', '**/*.gz'];
/** A file that should be kept and is larger stops the build, rather than being left out of the shell. */
const MOST_SHELL_FILE_BYTES = 16 * 1024 * 1024;
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
export async function buildWebIfStale() {
  const wanted = fingerprint(WEB_INPUTS.map((path) => join(ROOT, path)));
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === wanted) return 'up to date';
  runQuietly('npx', ['expo', 'export', '-p', 'web', '--output-dir', 'dist'], {
    cwd: join(ROOT, 'apps/app'),
    env: { ...process.env, EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', CI: '1', NODE_ENV: 'production' },
  });
  await makeShellWorker(WEB_DIR);
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

/** Makes the service worker, and tells it which files make the application and which version they are. */
async function makeShellWorker(dir) {
  const [{ build }, { injectManifest }] = await Promise.all([import('esbuild'), import('workbox-build')]);
  const worker = join(dir, 'sw.js');
  await build({
    entryPoints: [join(ROOT, 'apps/app/shell/sw.js')],
    outfile: worker,
    bundle: true,
    minify: true,
    format: 'iife',
    target: 'es2022',
    define: {
      VERSION_OF_THE_BUILD: JSON.stringify(fingerprint([dir]).slice(0, 16)),
      'process.env.NODE_ENV': '"production"',
    },
    logLevel: 'warning',
  });
  const { warnings } = await injectManifest({
    swSrc: worker,
    swDest: worker,
    globDirectory: dir,
    globPatterns: ['**/*'],
    globIgnores: NOT_SHELL,
    maximumFileSizeToCacheInBytes: MOST_SHELL_FILE_BYTES,
    modifyURLPrefix: { '': '/' },
    manifestTransforms: [(entries) => ({ manifest: entries.map((e) => (e.url === '/index.html' ? { ...e, url: '/' } : e)) })],
  });
  if (warnings.length > 0) throw new Error(warnings.join('\n'));
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
