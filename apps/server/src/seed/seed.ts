import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { ShelfPaint } from '@potter/contract';
import { check } from '@potter/contract/validators';
import { faultLine, openPour } from '@potter/core/format';
import Papa from 'papaparse';
import type { Database } from '../db/open';
import { createPlan, listPlans } from '../plans/store';
import { putOnShelf, readShelf } from '../shelf/store';

/**
 * Fills an empty studio from a folder: `shelf.csv` and `plans/*.pour.json`. A studio that holds anything is left alone.
 * Throws an Error naming file and fault where the folder is not right.
 */
export async function seed(db: Database, folder: string, now: Date): Promise<'filled' | 'kept'> {
  const [shelf, plans] = [await readShelf(db), await listPlans(db)];
  if (shelf.items.length > 0 || plans.plans.length > 0) return 'kept';
  for (const entry of readShelfTable(await readFile(join(folder, 'shelf.csv'), 'utf8')))
    await putOnShelf(db, 'paint', entry.paint.id, entry);
  const files = (await readdir(join(folder, 'plans')))
    .filter((f) => f.endsWith('.pour.json'))
    .sort();
  for (const [index, file] of files.entries()) {
    const opened = openPour(await readFile(join(folder, 'plans', file), 'utf8'), (value) =>
      check('Plan', value),
    );
    if (!opened.ok) throw new Error(`${file}: ${opened.faults.map(faultLine).join('; ')}`);
    // A second apart, so that the list keeps the files' order, first on top.
    await createPlan(db, opened.plan, new Date(now.getTime() - index * 1000));
  }
  return 'filled';
}

const number = (text: string | undefined): number | undefined =>
  text === undefined || text === '' ? undefined : Number(text);

/** Reads the shelf's table (RFC 4180 with a heading). */
export function readShelfTable(csv: string): ShelfPaint[] {
  const { data, errors } = Papa.parse<Record<string, string>>(csv.trim(), { header: true });
  if (errors[0]) throw new Error(`shelf.csv row ${errors[0].row}: ${errors[0].message}`);
  return data.map((row, index) => {
    const entry = {
      kind: 'paint',
      paint: {
        id: row.id,
        name: row.name,
        hex: row.hex,
        opacity: row.opacity,
        body: row.body,
        finish: row.finish,
        ...(row.density ? { densityGPerMl: Number(row.density) } : {}),
        ...(row.pigments ? { pigments: row.pigments.split(' ') } : {}),
        ...(row.note ? { note: row.note } : {}),
      },
      ...(row.maker ? { maker: row.maker } : {}),
      ...(number(row.stockMl) === undefined ? {} : { stockMl: number(row.stockMl) }),
      ...(number(row.sizeMl) === undefined ? {} : { sizeMl: number(row.sizeMl) }),
      ...(number(row.price) === undefined ? {} : { price: number(row.price) }),
    };
    const faults = check('ShelfItem', entry);
    if (faults.length > 0)
      throw new Error(`shelf.csv row ${index + 2}: ${faults.map(faultLine).join('; ')}`);
    return entry as ShelfPaint;
  });
}
