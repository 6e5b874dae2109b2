import type { ShelfPaint } from '@potter/contract';
import { checkShelfPaint } from '@potter/contract/check-shelf-paint';
import { faultLine } from '@potter/core/format';
import type { FieldErrors, Resolver } from 'react-hook-form';

/** Lets the contract's own validator judge the form, so that browser and server never disagree. */
export const shelfPaintResolver: Resolver<ShelfPaint> = (values) => {
  const entry = JSON.parse(JSON.stringify(values)) as ShelfPaint;
  const faults = checkShelfPaint(entry);
  if (faults.length === 0) return { values: entry, errors: {} };
  const errors = Object.fromEntries(
    faults.map((fault) => [
      fault.path.split('/')[1] ?? 'root',
      { type: 'contract', message: faultLine(fault) },
    ]),
  );
  return { values: {}, errors: errors as FieldErrors<ShelfPaint> };
};
