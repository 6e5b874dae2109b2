import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { PlanSchema } from '@potter/core/document';

const file = join(__dirname, '../../../docs/format/pour.schema.json');
const current = `${JSON.stringify({ $schema: 'https://json-schema.org/draft/2020-12/schema', title: 'potter.pour, version 1', ...JSON.parse(JSON.stringify(PlanSchema)) }, null, 2)}\n`;

// POTTER_WRITE=1 npx jest format-schema writes it anew.
if (process.env.POTTER_WRITE) writeFileSync(file, current);

test('the published schema is the one plans are checked by', () =>
  expect(JSON.parse(readFileSync(file, 'utf8'))).toEqual(JSON.parse(current)));
