import { z } from 'zod';
import { saddleFileSchema } from './saddles';

/** The file a stock is handed on in, as JSON Schema 2020-12: made from the one schema that reads it. */
export const saddleFileJsonSchema = (): Record<string, unknown> => ({
  title: 'A stock of saddles',
  description:
    'Neutral measures in millimetres, degrees and kilograms; a maker’s labels stand only in that saddle’s own table. See docs/stock-file.md.',
  ...z.toJSONSchema(saddleFileSchema, {
    io: 'input',
    override: ({ jsonSchema }) => {
      delete jsonSchema.readOnly;
    },
  }),
});
