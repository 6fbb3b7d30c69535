export { RiderFieldsForm } from './rider-form';
export { type KnownRider, useKnownRiders } from './use-rider';
export { OddLengths } from './odd-lengths';
