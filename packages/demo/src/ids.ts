/** Fixed UUIDv7s of the demo: 2026-01-05T00:00Z plus a running number. */
export function demoId(number: number): string {
  const tail = number.toString(16).padStart(12, '0');
  return `019b8b1f-2400-7000-8000-${tail}`;
}
