/**
 * The whole record as a JSON Schema (draft 2020-12), for programs that read or write it without ours. Made from the
 * same shapes that check what is stored; what one value asks of another is not in it.
 */
import * as z from 'zod';
import { KINDS, RECORDS } from '../records';
import { BOOK_FORMAT, BOOK_VERSION } from './bookDocument';

type JsonSchema = Record<string, unknown>;

const object = (properties: JsonSchema): JsonSchema => ({
  type: 'object',
  properties,
  required: Object.keys(properties),
  additionalProperties: false,
});

/** Every kind of record in today's version; older ones are read too, and are not described. */
export function recordSchema(): JsonSchema {
  const kinds = Object.fromEntries(
    KINDS.map((kind) => {
      const { version, schema } = RECORDS[kind];
      // As it is read: what has a value of its own where nothing is said may be left out.
      const { $schema: _, ...data } = z.toJSONSchema(schema as z.ZodType, { io: 'input' }) as JsonSchema;
      return [kind, { type: 'array', items: object({ version: { const: version }, data }) }];
    }),
  );
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'A record of Moss Kettle',
    description: 'All quantities in SI units, angles in degrees, moments in milliseconds since 1970 UTC.',
    ...object({
      format: { const: BOOK_FORMAT },
      version: { const: BOOK_VERSION },
      exportedAt: { type: 'string', format: 'date-time' },
      records: { type: 'object', properties: kinds, additionalProperties: false },
    }),
  };
}
