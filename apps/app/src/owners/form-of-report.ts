import { type Report } from '@fulcra/contract';
import { type HorseForm } from '../drawings/horse/form';
import { formOfHorse, isMule } from '../drawings/horse/form-of-horse';
import { OWNER_PHRASES } from '../words/owner-phrases';

/** The owner's own horse as a report draws it, and what that was drawn from; null where neither shape nor topline was read. */
export function formOfReport({ form, horse }: Report): { readonly form: HorseForm; readonly said: string } | null {
  if (form === null) return null;
  const { traits, topline, heightMm } = form;
  return {
    form: formOfHorse(traits, topline, { heightMm, mule: isMule(horse.kind) }),
    said: topline === null ? OWNER_PHRASES.horseAsRead : OWNER_PHRASES.horseAsMeasured,
  };
}
