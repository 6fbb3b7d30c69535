import { COMPLAINT_ANSWERS, PURPOSES, TACK_KINDS, TACK_STATES, TRAIT_IDS, TRAIT_VALUES, type TraitId } from '@fulcra/core';
import { z } from 'zod';
import { daySchema, idSchema, lineSchema, momentSchema, nameSchema, noteSchema, within } from './basics';
import { decisionSchema } from './decisions';
import { dueSchema } from './due';
import { complaintSchema } from './facts';
import { horseFieldsSchema } from './horses';
import { photoWriteSchema } from './photos';
import { pointSchema } from './sections';
import { tackFoundSchema } from './tack';
import { saddleSetupSchema } from './tried';
import { rideResultSchema } from './visits';

/** A link lives at most so long, days. */
export const LINK_DAYS = { least: 1, usual: 180, most: 730 } as const;
/** 128 random bits as base64url. */
export const linkTokenSchema = z.string().regex(/^[A-Za-z0-9_-]{22}$/);

export const newLinkSchema = z.object({ ownerName: nameSchema, days: z.number().int().min(LINK_DAYS.least).max(LINK_DAYS.most) });
/** A link as the practice sees it; the secret itself is shown once, when it is made. */
export const ownerLinkSchema = z.object({
  id: idSchema,
  horseId: idSchema,
  ownerName: nameSchema,
  madeBy: nameSchema,
  madeAt: momentSchema,
  expiresAt: momentSchema,
  revokedAt: momentSchema.nullable(),
});
export type OwnerLink = z.infer<typeof ownerLinkSchema>;
export const madeLinkSchema = ownerLinkSchema.extend({ token: linkTokenSchema });
export type MadeLink = z.infer<typeof madeLinkSchema>;

/** What an owner notices, as far as it has a name. */
export const OWNER_CHANGES = ['slips', 'rubs', 'hair', 'weight', 'work', 'goesDifferently', 'fell', 'other'] as const;
/** What can be measured at home: lengths in mm, weight in kg. */
export const HOME_LIMITS = { backLengthMm: [100, 1200], girthMm: [400, 3500], weightKg: [40, 1500] } as const;

/** Answers from home before a visit; lengths as the tape shows them, mm. */
const homeSchema = z.object({
  kind: z.literal('home'),
  backLengthMm: within(HOME_LIMITS.backLengthMm).nullable(),
  girthMm: within(HOME_LIMITS.girthMm).nullable(),
  weightKg: within(HOME_LIMITS.weightKg).nullable(),
  /** Questions on how the horse stood for its pictures, answered yes. */
  stood: z
    .array(z.enum(['level', 'square', 'headLow', 'noRider']))
    .max(4)
    .readonly(),
  tiltDeg: z.number().min(-90).max(90).nullable(),
  note: noteSchema,
});
export const ownerWordBodySchema = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('changed'),
    what: z.array(z.enum(OWNER_CHANGES)).min(1).max(OWNER_CHANGES.length).readonly(),
    note: noteSchema,
  }),
  z.object({ kind: z.literal('asksVisit'), when: lineSchema(300), note: noteSchema }),
  homeSchema,
]);
export type OwnerWordBody = z.infer<typeof ownerWordBodySchema>;

export const ownerWordFieldsSchema = z.object({
  horseId: idSchema,
  ownerName: nameSchema,
  madeAt: momentSchema,
  body: ownerWordBodySchema,
  /** Who of the practice took it up, and when; null while it waits. */
  takenUp: z.object({ by: nameSchema, at: momentSchema, visitId: idSchema.nullable() }).nullable(),
});
export type OwnerWordFields = z.infer<typeof ownerWordFieldsSchema>;
export const ownerWordWriteSchema = ownerWordFieldsSchema.extend({ was: ownerWordFieldsSchema.nullish() });
export const ownerWordSchema = ownerWordFieldsSchema.extend({ id: idSchema });
export type OwnerWord = z.infer<typeof ownerWordSchema>;

/** An item of the horse's tack as an owner walks round it. */
export const reportTackSchema = z.object({
  id: idSchema,
  kind: z.enum(TACK_KINDS),
  name: z.string(),
  build: z.enum(['english', 'western']),
  elastic: z.boolean(),
  state: z.enum(TACK_STATES),
  holds: z.array(tackFoundSchema).readonly(),
  lastLookOn: daySchema.nullable(),
  /** To when the last look counts; past it, it says since when nobody looked. */
  lastsTo: daySchema.nullable(),
  /** Held because of a fall, until a walk that knows of it looked at the tree. */
  fell: z.boolean(),
});
export type ReportTack = z.infer<typeof reportTackSchema>;

/** What an owner gets of a visit, in numbers; the words are found where it is shown. */
/** What the drawing of a horse is pulled by: its traits, and its topline where that was traced. */
const horseFormSchema = z.object({
  heightMm: z.number().nullable(),
  traits: z.array(z.object({ trait: z.enum(TRAIT_IDS as [TraitId, ...TraitId[]]), value: z.enum(TRAIT_VALUES) })).readonly(),
  topline: z.object({ dipMm: z.number(), witherOverLowMm: z.number(), croupOverWitherMm: z.number().nullable() }).nullable(),
});

export const reportSchema = z.object({
  practiceName: z.string(),
  horse: z.object({ id: idSchema, name: z.string(), kind: z.string(), gone: horseFieldsSchema.shape.gone }),
  visit: z
    .object({
      id: idSchema,
      on: daySchema,
      fitter: z.string(),
      ride: rideResultSchema,
      /** What the fitter writes to the owner; empty where nothing. */
      said: z.string(),
      watchFor: z.string(),
      held: z.boolean(),
      /** What the owner complained of, and what became of it. */
      complaints: z.array(complaintSchema.omit({ kind: true }).extend({ answer: z.enum(COMPLAINT_ANSWERS).nullable() })).readonly(),
      /** One more each time the visit was opened again, and the day of what this one replaces. */
      version: z.number().int(),
      replaces: daySchema.nullable(),
    })
    .nullable(),
  /** Null where neither its shape was read nor its topline traced. */
  form: horseFormSchema.nullable(),
  decision: decisionSchema.nullable(),
  /** What it is ridden in, since when, and whether it was decided at this visit. */
  saddle: z.object({ name: z.string(), maker: z.string(), since: daySchema, decidedHere: z.boolean() }).nullable(),
  /** The setting that was chosen at this visit. */
  chosen: z.object({ saddleName: z.string(), widthLabel: z.string(), western: z.boolean(), setup: saddleSetupSchema }).nullable(),
  /** Holes each rider was sent home with. */
  holes: z
    .array(
      z.object({
        rider: z.string(),
        leathers: z.string(),
        lines: z.array(z.object({ purpose: z.enum(PURPOSES), near: z.number().int(), off: z.number().int() })).readonly(),
      }),
    )
    .readonly(),
  /** Front sections over the visits, oldest first. */
  outlines: z.array(z.object({ on: daySchema, section: z.array(pointSchema) })).readonly(),
  tack: z.array(reportTackSchema).readonly(),
  due: dueSchema.nullable(),
});
export type Report = z.infer<typeof reportSchema>;

/** What a link shows: one horse and nothing else. */
export const sharedPageSchema = z.object({
  ownerName: z.string(),
  expiresAt: momentSchema,
  report: reportSchema,
  /** What was said through this horse's links, newest first. */
  words: z.array(ownerWordSchema.pick({ id: true, madeAt: true, body: true, takenUp: true, ownerName: true })).readonly(),
});
export type SharedPage = z.infer<typeof sharedPageSchema>;

export const sharedWordSchema = z.object({ body: ownerWordBodySchema });
/** All notes of one look through a link together, letters: it goes to every device of the practice. */
export const LOOK_NOTES_MOST = 4000;
export const sharedCheckSchema = z.object({
  itemId: idSchema,
  found: z
    .array(tackFoundSchema)
    .min(1)
    .max(60)
    .refine((found) => found.reduce((sum, f) => sum + f.note.length, 0) <= LOOK_NOTES_MOST, 'says more than a look can hold')
    .readonly(),
});
export const sharedPhotoSchema = photoWriteSchema.omit({ note: true, takenAt: true });

/** A letter that is to go out. */
export const MAIL_KINDS = ['report', 'reminder', 'appointment', 'order'] as const;
export const mailSchema = z.object({
  id: idSchema,
  kind: z.enum(MAIL_KINDS),
  to: z.email(),
  subject: z.string(),
  /** `boxed`: lies in the letter box of the demo or of development, and was sent to nobody. */
  state: z.enum(['queued', 'sent', 'boxed', 'given up']),
  tries: z.number().int(),
  madeAt: momentSchema,
  nextTryAt: momentSchema,
  sentAt: momentSchema.nullable(),
  problem: z.string(),
});
export type Mail = z.infer<typeof mailSchema>;
/** What is written to whom; the words are the practice's own, the address of the link is filled in by the server. */
/** What goes with a letter, altogether, bytes of base64. */
export const LETTER_FILES_BYTES = 5_600_000;
const letterFileSchema = z.object({
  name: z
    .string()
    .min(1)
    .max(120)
    .refine((n) => !/[\r\n"/\\]/.test(n), 'is not the name of a file'),
  mediaType: z.literal('application/pdf'),
  base64: z.base64(),
});
export type LetterFile = z.infer<typeof letterFileSchema>;

export const newMailSchema = z.object({
  kind: z.enum(MAIL_KINDS),
  to: z.email().max(200),
  subject: z
    .string()
    .trim()
    .min(1)
    .max(200)
    .refine((s) => !/[\r\n]/.test(s), 'goes over a line'),
  text: z.string().min(1).max(20_000),
  /** An appointment that goes with it as a file for a calendar. */
  appointmentId: idSchema.nullable(),
  /** Papers that go with it. */
  files: z
    .array(letterFileSchema)
    .max(4)
    .default([])
    .refine((files) => files.reduce((sum, f) => sum + f.base64.length, 0) <= LETTER_FILES_BYTES, 'are too large for a letter'),
});
export type NewMail = z.infer<typeof newMailSchema>;

/** What came into the stand-in's letter box. */
export const standInMailSchema = z.object({
  at: momentSchema,
  from: z.string(),
  to: z.array(z.string()),
  subject: z.string(),
  text: z.string(),
  attachments: z.array(z.object({ name: z.string(), mediaType: z.string(), bytes: z.number().int() })),
});
