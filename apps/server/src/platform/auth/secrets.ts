import { createHash, randomBytes } from 'node:crypto';

/** 256 random bits, for a cookie. */
export const secret = (): string => randomBytes(32).toString('base64url');

/** Only hashes of secrets are stored. */
export const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');
/** 128 random bits as base64url, 22 letters: short enough for a QR code on a barn door. */
export const linkSecret = (): string => randomBytes(16).toString('base64url');
