/** How hidden notes begin in JPEG, PNG and WebP: where and when a picture was taken, and with what. Source: Exif 2.32, XMP part 3. */
const BEGINNINGS = ['Exif\0', 'eXIf', 'EXIF', 'ns.adobe.com/xap', 'XML:com.adobe.xmp', 'Photoshop 3.0'];

/** Whether a picture may tell where it was taken: one that does is drawn anew, which leaves its dots and nothing else. */
export function carriesNotes(bytes: Uint8Array): boolean {
  return BEGINNINGS.some((beginning) =>
    holds(
      bytes,
      [...beginning].map((c) => c.charCodeAt(0)),
    ),
  );
}

function holds(bytes: Uint8Array, wanted: readonly number[]): boolean {
  for (let at = bytes.indexOf(wanted[0]!); at >= 0; at = bytes.indexOf(wanted[0]!, at + 1)) {
    if (wanted.every((code, i) => bytes[at + i] === code)) return true;
  }
  return false;
}
