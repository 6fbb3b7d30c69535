export { ConsequencesPart, datedFactsOf } from './consequences-part';
export { formOfVisit } from './form-of-visit';
export { HoldBanner } from './hold-banner';
export { type NextStep, nextStep } from './next-step';
export { SchoolPicker } from './school-picker';
export { SkipStep } from './skip-step';
export { useRecorded } from './use-recorded';
export { type LoadedVisit, useVisitPage } from './use-visit-page';
export { VisitBackline } from './visit-backline';
