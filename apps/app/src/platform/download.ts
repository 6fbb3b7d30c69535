/** Hands a made file to the person. */
export function download(name: string, type: string, content: string | Uint8Array): void {
  const url = URL.createObjectURL(new Blob([content as BlobPart], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** A file name out of a horse's name, in any script. */
export const fileName = (what: string, horse: string, day: string, ending: string): string =>
  `${what}-${horse.replace(/[^\p{L}\p{N}]+/gu, '-').replace(/^-|-$/g, '') || 'horse'}-${day}.${ending}`;
