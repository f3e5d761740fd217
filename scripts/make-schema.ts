/** Writes docs/record.schema.json: the whole record as a JSON Schema, from the shapes that check what is stored. */
import { writeFileSync } from 'node:fs';
import { recordSchema } from '../core/exchange/recordSchema';

writeFileSync(new URL('../docs/record.schema.json', import.meta.url), `${JSON.stringify(recordSchema(), null, 2)}\n`);
