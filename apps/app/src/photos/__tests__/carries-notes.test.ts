import { carriesNotes } from '../carries-notes';

const bytes = (text: string): Uint8Array => Uint8Array.from([0xff, 0xd8, 0xff, ...[...text].map((c) => c.charCodeAt(0)), 0xff, 0xd9]);

describe('hidden notes of a picture', () => {
  it.each(['\xe1\0\x10Exif\0\0GPS', 'eXIfMM', 'EXIF', 'http://ns.adobe.com/xap/1.0/', 'XML:com.adobe.xmp', 'Photoshop 3.0'])(
    '%j is found',
    (text) => expect(carriesNotes(bytes(text))).toBe(true),
  );
  it.each(['', 'JFIF', 'Exit', 'exif'])('%j is none', (text) => expect(carriesNotes(bytes(text))).toBe(false));
});
