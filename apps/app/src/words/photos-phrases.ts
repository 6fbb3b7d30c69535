/** What the screens of this part say. */
export const PHOTOS_PHRASES = {
  fromBehind: 'from behind',
  fromAbove: 'from above',
  nearSide: 'near side',
  offSide: 'off side',
  fromBelow: 'from below',
  photos: 'Photos',
  whatThePhoto: 'What the photo shows',
  photo: (view: string): string => `Photo ${view}`,
  openPhoto: (view: string): string => `Open photo, ${view}`,
  large: (name: string): string => `${name}, large`,
  choosePhotos: 'Choose photos',
  sent: (good: string): string => `${good} sent`,
  keptHere: (lookOut: string): string => `${lookOut} kept here`,
  hasMbMb: (name: string, megabytes: string, megabytes2: string): string =>
    `“${name}” has ${megabytes} MB; ${megabytes2} MB is the most. Take it again at a lower setting; nothing else is lost.`,
  isNotA: (name: string): string => `“${name}” is not a picture this device can open. Choose a JPEG, PNG or WebP.`,
} as const;
