export { PhotoStrip } from './photo-strip';
export { usePhotoUrl } from './use-photo-url';
export { preparePhoto } from './prepare-photo';
