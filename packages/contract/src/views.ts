/** What is shown of the server: each answer that is kept in the browser and laid over with what still waits there. */
export const VIEWS = [
  'horses',
  'horse',
  'visit',
  'tracings',
  'riders',
  'rider-measures',
  'leathers',
  'leather-takes',
  'saddles',
  'saddle-photos',
  'girths',
  'tack-checks',
  'tack-photos',
  'contacts',
  'yards',
  'appointments',
  'due',
  'owner-words',
  'owner-photos',
  'practice-settings',
] as const;
export type ViewKey = (typeof VIEWS)[number];
