/** A strap is no shorter or longer, mm, and no list longer (the contract's own limits). */
const LENGTH_MM = { least: 200, most: 2500 } as const;
const MOST_LENGTHS = 60;

/** Lengths as they are typed, shortest first, each once; null where one of them is none. */
export function readLengths(text: string): number[] | null {
  const parts = text.split(/[\s,;]+/).filter((part) => part !== '');
  const read = parts.map(Number);
  if (read.length === 0 || read.length > MOST_LENGTHS) return null;
  if (!read.every((mm) => mm >= LENGTH_MM.least && mm <= LENGTH_MM.most)) return null;
  return [...new Set(read)].sort((a, b) => a - b);
}
