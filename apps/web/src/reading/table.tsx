import { hundredths, trim } from '@potter/core/quantity';
import { type ReactNode } from 'react';
import { View } from 'react-native';
import { Body, Small, Strong } from '@/ui/type';
import type { Column } from './column';
import type { Named } from './colour-words';

/** Not so small that it looks like none. */

/** How much of each colour, and what else there is, picture by picture. */
export function Table({
  columns,
  colours,
}: {
  readonly columns: readonly Column[];
  readonly colours: readonly Named[];
}) {
  const row = (
    name: string,
    tell: (column: Column) => string | undefined,
    before: ReactNode = null,
  ) => (
    <View
      key={name}
      role="row"
      className="min-h-[44px] flex-row items-center gap-1 border-b border-rule"
    >
      <View
        role="rowheader"
        aria-label={name}
        className="min-w-0 flex-1 flex-row items-center gap-2"
      >
        {before}
        <Body className="min-w-0 flex-1">{name}</Body>
      </View>
      {columns.map((column) => (
        <View role="cell" key={column.title} className="w-[48px] items-end">
          <Strong>{tell(column) ?? '–'}</Strong>
        </View>
      ))}
    </View>
  );
  const fine = (tell: (column: Column) => string) => (column: Column) =>
    column.answer.cannot.fine ? tell(column) : undefined;
  return (
    <View role="table" aria-label="What shows, picture by picture">
      <View role="row" className="flex-row items-end gap-1 border-b border-ink pb-1">
        <View role="columnheader" className="flex-1">
          <Small>% of the face</Small>
        </View>
        {columns.map(({ title }) => (
          <View role="columnheader" key={title} className="w-[48px] items-end">
            <Small>{title}</Small>
          </View>
        ))}
      </View>
      {colours.map(({ id, name, hex }) =>
        row(
          name,
          ({ answer }) => hundredths(answer.read.shares[id] ?? 0),
          <View
            className="h-[20px] w-[20px] border border-outline"
            style={{ backgroundColor: hex }}
            aria-hidden
          />,
        ),
      )}
      {row('Blends nobody planned', ({ answer }) => hundredths(answer.read.unplanned))}
      {row('of them mud', ({ answer }) => hundredths(answer.read.mud))}
      {row('Calm', ({ answer }) => hundredths(answer.read.calm))}
      {row(
        'Cells',
        fine(({ answer }) => String(answer.read.cells.count)),
      )}
      {row(
        'Middle cell, mm',
        fine(({ answer }) =>
          answer.read.cells.count > 0 ? trim(answer.read.cells.medianMm, 1) : '–',
        ),
      )}
    </View>
  );
}
