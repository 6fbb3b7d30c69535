import { dirname, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The folder of the checkout. */
export const ROOT = resolve(dirname(fileURLToPath(import.meta.url)), '../..');
