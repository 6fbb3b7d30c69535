import { z } from 'zod';
import { idSchema, nameSchema } from './basics';
import { typedEmailSchema } from './email';

export const signInSchema = z.object({ email: typedEmailSchema, password: z.string().min(1).max(200) });
export type SignIn = z.infer<typeof signInSchema>;

export const sessionSchema = z.object({
  person: z.object({ id: idSchema, name: nameSchema }),
  practice: z.object({ id: idSchema, name: nameSchema }),
  /** The demo's own practice, which can be begun anew. */
  demo: z.boolean().default(false),
  /** Goes back in the x-fulcra-csrf header of every write. */
  csrfToken: z.string(),
  /** This person's own, base64url of 256 bits: seals what they leave unsent on a device, and opens it there again. */
  sealKey: z.string(),
});
export type Session = z.infer<typeof sessionSchema>;

/** A socket of our own server is opened as this protocol, with the session's csrfToken named after it: a page can give it no header. */
export const SOCKET_PROTOCOL = 'fulcra';

/** What the sign-in page may know before anyone has signed in. */
export const welcomeSchema = z.object({
  demoAccount: z.object({ email: z.string(), password: z.string() }).nullable(),
});
export type Welcome = z.infer<typeof welcomeSchema>;
