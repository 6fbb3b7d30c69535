import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { saddleFileJsonSchema } from '@fulcra/contract';

interface Described {
  readonly required: readonly string[];
  readonly properties: Readonly<Record<string, Described>>;
  readonly items?: Described;
  readonly const?: unknown;
}

describe('docs/saddles-file.schema.json', () => {
  it('is what reads a stock file today: made, not written', () => {
    const kept: unknown = JSON.parse(readFileSync(join(__dirname, '../../../docs/saddles-file.schema.json'), 'utf8'));
    expect(kept).toEqual(JSON.parse(JSON.stringify(saddleFileJsonSchema())));
  });

  it('names every part a saddle must have, and leaves out what it may lack', () => {
    const schema = saddleFileJsonSchema() as unknown as Described;
    expect(schema.properties.format!.const).toBe('fulcra-saddles');
    const saddle = schema.properties.saddles!.items!;
    expect(saddle.required).toEqual(expect.arrayContaining(['name', 'maker', 'front', 'build']));
    expect(saddle.required).not.toContain('state');
    expect(saddle.properties.front!.required).not.toContain('otherShapes');
  });
});
