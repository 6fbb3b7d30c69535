import { NEW_RIDER, type RiderFields } from '@fulcra/contract';
import { z } from 'zod';
import { type DraftSpec } from '../platform/draft';
import { FORM_WORDS } from '../words/form-words';

/** What is typed about a rider, as typed. */
const typedSchema = z.object({ name: z.string(), height: z.string(), weight: z.string(), note: z.string() });
export type RiderForm = z.infer<typeof typedSchema>;

export const EMPTY_RIDER: RiderForm = { name: '', height: '', weight: '', note: '' };
export const RIDER_FORM_DRAFT: DraftSpec<RiderForm> = { version: 1, schema: typedSchema };

/** A small child to a very tall person, with what either may weigh (the contract's own limits). */
const HEIGHT_CM = { least: 90, most: 230 };
const WEIGHT_KG = { least: 15, most: 250 };
type Range = typeof HEIGHT_CM;

/** Reads what was typed; nothing typed is nothing known. */
export const riderFormSchema: z.ZodType<RiderFields, RiderForm> = typedSchema
  .superRefine(({ name, height, weight }, context) => {
    const problem = (path: keyof RiderForm, message: string): void => context.addIssue({ code: 'custom', path: [path], message });
    if (name.trim() === '') problem('name', FORM_WORDS.riderName);
    if (numberIn(height, HEIGHT_CM) === undefined) problem('height', FORM_WORDS.riderHeight(height, HEIGHT_CM.least, HEIGHT_CM.most));
    if (numberIn(weight, WEIGHT_KG) === undefined) problem('weight', FORM_WORDS.riderWeight(weight, WEIGHT_KG.least, WEIGHT_KG.most));
  })
  .transform(({ name, height, weight, note }): RiderFields => {
    const heightCm = numberIn(height, HEIGHT_CM) ?? null;
    return {
      ...NEW_RIDER,
      name: name.trim(),
      heightMm: heightCm === null ? null : heightCm * 10,
      weightKg: numberIn(weight, WEIGHT_KG) ?? null,
      note,
    };
  });

/** null when nothing is typed, undefined when it can't be read. */
function numberIn(text: string, { least, most }: Range): number | null | undefined {
  if (text.trim() === '') return null;
  const value = Number(text.trim().replace(',', '.'));
  return value >= least && value <= most ? value : undefined;
}
