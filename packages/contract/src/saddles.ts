import {
  ARCH_SHAPES,
  SADDLE_MEASURE_PATHS,
  SEAT_LIMITS_MM,
  SEAT_MEASURES,
  TACK_STATES,
  type SaddleMeasureId,
  type SaddleSeatMeasure,
  UNKNOWN_SEAT,
  saddleProblems,
} from '@fulcra/core';
import { z } from 'zod';
import { idSchema, lineSchema, nameSchema, noteSchema } from './basics';
import { saddleBuildSchema } from './saddle-build';

export const widthSettingSchema = z.object({ label: z.string().min(1).max(60), includedAngleDeg: z.number().min(50).max(150) });

export const saddleFrontSchema = z.object({
  shape: z.enum(ARCH_SHAPES),
  /** Others its head can be made or exchanged for. */
  otherShapes: z.array(z.enum(ARCH_SHAPES)).max(ARCH_SHAPES.length).readonly().optional(),
  pointLengthMm: z.number().min(60).max(300),
  frontPanelDepthMm: z.number().min(0).max(100),
  frontChannelMm: z.number().min(20).max(200),
  /** The maker's own table: its label, and what that is as a neutral angle. Labels of one maker mean nothing for another. */
  settings: z.array(widthSettingSchema).min(1).max(40),
  presentSetting: z.number().int().min(0),
});

const seatMeasure = (measure: SaddleSeatMeasure) => z.number().min(SEAT_LIMITS_MM[measure][0]).max(SEAT_LIMITS_MM[measure][1]).nullable();
/** What a rider's leg meets; what nobody measured stays unknown. */
export const saddleSeatSchema = z.object(
  Object.fromEntries(SEAT_MEASURES.map((m) => [m, seatMeasure(m)])) as Record<SaddleSeatMeasure, ReturnType<typeof seatMeasure>>,
);

const saddleShape = z.object({
  name: nameSchema,
  maker: nameSchema,
  kind: z.enum(['english', 'western']),
  /** How a width of it is changed. */
  change: z.enum(['fixed', 'exchangeablePlate', 'workshop']),
  front: saddleFrontSchema,
  build: saddleBuildSchema,
  seat: saddleSeatSchema.default(UNKNOWN_SEAT),
  whereabouts: lineSchema(200),
  /** The maker's number on it, to know it by. */
  serial: lineSchema(60).default(''),
  note: noteSchema,
});

/** The core's own refusals, so that a form and the server say the same. */
function buildable(saddle: z.infer<typeof saddleShape>, context: z.RefinementCtx): void {
  for (const problem of saddleProblems({ id: '', ...saddle })) {
    const { measure } = problem.values;
    context.addIssue({
      code: 'custom',
      path: [...(SADDLE_MEASURE_PATHS[measure as SaddleMeasureId] ?? ['front', 'settings'])],
      message: `of ${problem.code === 'SADDLE_PLACE_OUTSIDE' ? problem.values.atMm : problem.values.value} is not one a saddle can have`,
      params: { problem },
    });
  }
  if (saddle.front.presentSetting >= saddle.front.settings.length) {
    context.addIssue({ code: 'custom', path: ['front', 'presentSetting'], message: 'is not one of its widths' });
  }
  if (saddle.build.panel.depthFrontMm.present !== saddle.front.frontPanelDepthMm) {
    context.addIssue({ code: 'custom', path: ['build', 'panel', 'depthFrontMm'], message: 'is not the depth its front says' });
  }
}

export const saddleFieldsSchema = saddleShape.superRefine(buildable);
export type SaddleFields = z.infer<typeof saddleShape>;

/** With what stood there when it was changed, so that two people's changes can be told apart. */
export const saddleWriteSchema = saddleShape.extend({ was: saddleShape.nullish() }).superRefine(buildable);
export type SaddleWrite = z.infer<typeof saddleWriteSchema>;

export const saddleSchema = saddleShape.extend({ id: idSchema });
export type Saddle = z.infer<typeof saddleSchema>;

/** The file a stock is handed on in: neutral measures only, no ids of a practice. */
export const saddleFileSchema = z.object({
  format: z.literal('fulcra-saddles'),
  version: z.literal(1),
  /** Each with how it stood where it came from; unsafe is taken over as a hold, anything else is looked at anew. */
  saddles: z
    .array(saddleShape.extend({ state: z.enum(TACK_STATES).default('notChecked') }).superRefine(buildable))
    .min(1)
    .max(500),
});
export type SaddleFile = z.infer<typeof saddleFileSchema>;
