import { toplineOfVisit } from '@fulcra/core';
import { type HorseForm } from '../drawings/horse/form';
import { formOfHorse, isMule } from '../drawings/horse/form-of-horse';
import { type LoadedVisit } from './use-visit-page';

/** The horse of a visit as it is drawn: pulled by what was measured, else by what was read of it. */
export const formOfVisit = ({ page: { horse }, measured }: Pick<LoadedVisit, 'page' | 'measured'>): HorseForm =>
  formOfHorse(measured.traits, toplineOfVisit(measured), { heightMm: horse.heightMm, mule: isMule(horse.kind) });
