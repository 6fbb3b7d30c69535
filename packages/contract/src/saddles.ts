import { ARCH_SHAPES } from '@fulcra/core';
import { z } from 'zod';
import { idSchema, nameSchema } from './basics';

export const widthSettingSchema = z.object({ label: z.string().min(1).max(60), includedAngleDeg: z.number().min(50).max(150) });

export const saddleFrontSchema = z.object({
  shape: z.enum(ARCH_SHAPES),
  pointLengthMm: z.number().min(60).max(300),
  frontPanelDepthMm: z.number().min(0).max(100),
  frontChannelMm: z.number().min(20).max(200),
  settings: z.array(widthSettingSchema).min(1).max(40),
  presentSetting: z.number().int().min(0),
});

export const saddleSchema = z.object({
  id: idSchema,
  name: nameSchema,
  maker: nameSchema,
  kind: z.enum(['english', 'western']),
  /** How a width of it is changed. */
  change: z.enum(['fixed', 'exchangeablePlate', 'workshop']),
  front: saddleFrontSchema,
});
export type Saddle = z.infer<typeof saddleSchema>;
