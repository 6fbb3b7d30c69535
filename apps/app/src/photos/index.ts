export { PhotoStrip } from './photo-strip';
export { usePhotoUrl } from './use-photo-url';
