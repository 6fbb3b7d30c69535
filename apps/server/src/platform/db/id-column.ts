import { type EntitySchemaColumnOptions } from 'typeorm';

/** UUIDv7 as text. */
export const idColumn: EntitySchemaColumnOptions = { type: 'char', length: 36 };
export const keyColumn: EntitySchemaColumnOptions = { ...idColumn, primary: true };
export const text = (length: number): EntitySchemaColumnOptions => ({ type: 'varchar', length });

/** JSON kept as text: MariaDB's own JSON type is that too. Parsed again by the contract's schema on the way out. */
export const json = (name?: string): EntitySchemaColumnOptions => ({
  type: 'longtext',
  ...(name && { name }),
  transformer: { to: (value: unknown) => JSON.stringify(value), from: (value: string) => JSON.parse(value) as unknown },
});
