import { type Write } from '../sync/write';

/** What a waiting write is called. */
export function writeName(write: Write): string {
  switch (write.kind) {
    case 'horse':
      return `Horse: ${write.body.name}`;
    case 'visit':
      return `Visit of ${write.body.startedOn}`;
    case 'take':
      return 'A take of the front section';
    case 'withdrawal':
      return write.body.withdrawn ? 'A take withdrawn' : 'A take brought back';
    case 'decision':
      return `Decision: ${Math.round(write.body.includedAngleDeg)}°`;
  }
}
