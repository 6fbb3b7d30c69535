import { hash, verify } from '@node-rs/argon2';

/** Argon2id (the library's default kind) with OWASP's recommended memory and time (Password Storage Cheat Sheet, 2024). */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

export const hashPassword = (password: string): Promise<string> => hash(password, COST);

/** A hash of nobody's password, so that an unknown e-mail takes as long as a wrong password. */
let nobody: Promise<string> | null = null;

export async function passwordFits(password: string, stored: string | null): Promise<boolean> {
  nobody ??= hashPassword('no one has this password');
  const fits = await verify(stored ?? (await nobody), password);
  return stored !== null && fits;
}
