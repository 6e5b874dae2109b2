import Papa from 'papaparse';
import type { Fault } from '../schema/fault';
import { isFormula, meantBy, safeCell } from './cell';
import { parseNumber, parseSize } from '../quantity/parse';
import { trim } from '../quantity/show';
import { sizeWords } from '../surface/size-words';
import type { ShelfItem, ShelfKind } from '../stock/schema';
import { shelfId, shelfName } from '../stock/shelf-item';
import type { VesselOutlet } from '../vessel/schema';

/** Columns of the table, in the order they are written. A kind uses those that mean something to it. */
const COLUMNS = [
  'kind',
  'id',
  'name',
  'maker',
  'stockMl',
  'count',
  'sizeMl',
  'price',
  'low',
  'opened',
  'countedIn',
  'hex',
  'opacity',
  'body',
  'finish',
  'density',
  'pigments',
  'tint',
  'role',
  'viscosity',
  'loose',
  'size',
  'edgeMm',
  'support',
  'topMm',
  'bottomMm',
  'heightMm',
  'compartments',
  'outlet',
  'product',
  'g',
  'silicone',
  'consistency',
  'from',
  'note',
] as const;
type Column = (typeof COLUMNS)[number];
type Row = Partial<Record<Column, string>>;

/** Kinds the table holds. Mediums are recipes, not rows. */
export const TABLE_KINDS: readonly ShelfKind[] = [
  'paint',
  'material',
  'vessel',
  'surface',
  'finish',
  'jar',
];

/** Most rows that are read. */
export const MOST_ROWS = 20_000;
/** Largest table that is read, characters. */
const MOST_TABLE = 10_000_000;

/**
 * The shelf as a table: RFC 4180 with a heading, fields quoted where they must be, lines ended by CR LF. A text that a spreadsheet would take for a
 * formula is written with an apostrophe before it.
 */
export const writeShelfCsv = (items: readonly ShelfItem[]): string =>
  Papa.unparse(
    {
      fields: [...COLUMNS],
      data: items
        .filter((i) => TABLE_KINDS.includes(i.kind))
        .map((item) => {
          const row = rowOf(item);
          return COLUMNS.map((c) => safeCell(row[c] ?? ''));
        }),
    },
    { newline: '\r\n' },
  ) + '\r\n';

/** One line of a table against the shelf. */
export interface Change {
  /** Row in the file, the heading being 1. */
  readonly row: number;
  readonly item: ShelfItem;
  readonly was?: ShelfItem;
}

export interface ReadTable {
  readonly added: readonly Change[];
  readonly changed: readonly Change[];
  readonly same: number;
  /** Where the path is "row 7, hex". Nothing may be saved while there is any. */
  readonly faults: readonly Fault[];
}

/**
 * Reads a table of the shelf and says what it would change. Columns may stand in any order and be left out; what a known thing has and the table
 * does not name stays as it is. Ids left out are made from the name.
 * @param check judges one item against its schema
 */
export function readShelfCsv(
  text: string,
  shelf: readonly ShelfItem[],
  check: (item: unknown) => readonly Fault[],
): ReadTable {
  const nothing = (path: string, message: string): ReadTable => ({
    added: [],
    changed: [],
    same: 0,
    faults: [{ path, message }],
  });
  if (text.length > MOST_TABLE)
    return nothing('the file', `is too large: ${text.length} characters, ${MOST_TABLE} at most`);
  if (text.includes('\u0000')) return nothing('the file', 'is no text: save the table as CSV');
  const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const broken = parsed.errors.find((e) => e.code !== 'UndetectableDelimiter');
  if (broken)
    return nothing(
      `row ${(broken.row ?? 0) + 1}`,
      `is no sound CSV: ${broken.message.toLowerCase()}`,
    );
  const [heading, ...rows] = parsed.data;
  if (!heading || rows.length === 0)
    return nothing('the file', 'holds no rows: a heading first, then a row for each thing');
  if (rows.length > MOST_ROWS)
    return nothing('the file', `has ${rows.length} rows; ${MOST_ROWS} is the most`);
  const names = heading.map((h) => h.trim());
  const strange = names.find((n) => !(COLUMNS as readonly string[]).includes(n));
  if (strange !== undefined)
    return nothing('row 1', `there is no column "${strange}"; there are ${COLUMNS.join(', ')}`);
  const twice = names.find((n, i) => names.indexOf(n) < i);
  if (twice !== undefined) return nothing('row 1', `column "${twice}" stands twice`);
  if (!names.includes('name')) return nothing('row 1', 'there is no column "name"');

  const known = new Map(shelf.map((i) => [`${i.kind} ${shelfId(i)}`, i]));
  const seen = new Map<string, number>();
  const faults: Fault[] = [];
  const added: Change[] = [];
  const changed: Change[] = [];
  let same = 0;
  rows.forEach((cells, i) => {
    const row = i + 2;
    const fault = (column: string, message: string) =>
      void faults.push({ path: `row ${row}, ${column}`, message });
    if (cells.length > names.length)
      return fault('the end', `has ${cells.length} fields; the heading has ${names.length}`);
    const of: Row = {};
    for (const [j, name] of names.entries()) {
      const cell = (cells[j] ?? '').trim();
      if (isFormula(cell))
        return fault(
          name,
          `begins with "${cell[0]}", which a spreadsheet would run as a formula; write it without`,
        );
      if (cell !== '') of[name as Column] = meantBy(cell);
    }
    const kind = (of.kind ?? 'paint') as ShelfKind;
    if (!TABLE_KINDS.includes(kind))
      return fault('kind', `must be one of ${TABLE_KINDS.join(', ')}; it is "${of.kind}"`);
    const id = of.id ?? idFrom(of.name ?? '');
    const key = `${kind} ${id}`;
    const before = seen.get(key);
    if (before !== undefined) return fault('id', `"${id}" stands in row ${before} already`);
    seen.set(key, row);
    const was = known.get(key);
    const wrong: [string, string][] = [];
    const item = itemOf(kind, { ...(was ? rowOf(was) : {}), ...of, id }, was, (c, m) =>
      wrong.push([c, m]),
    );
    wrong.forEach(([c, m]) => fault(c, m));
    if (wrong.length > 0) return;
    const bad = check(item);
    if (bad.length > 0) return bad.forEach(({ path, message }) => fault(columnOf(path), message));
    const sound = item as ShelfItem;
    if (!was) added.push({ row, item: sound });
    else if (JSON.stringify(rowOf(was)) === JSON.stringify(rowOf(sound))) same++;
    else changed.push({ row, item: sound, was });
  });
  return { added, changed, same, faults: faults.slice(0, MOST_FAULTS) };
}

const MOST_FAULTS = 100;

/** An id from a name: its plain letters. */
const idFrom = (name: string): string =>
  name
    .normalize('NFKD')
    .replace(/[^\w\s-]/g, '')
    .trim()
    .toLowerCase()
    .replace(/[\s_]+/g, '-')
    .slice(0, 64);

/** The column a fault of the schema belongs to. */
const columnOf = (path: string): string => {
  const last = path.split('/').at(-1) ?? '';
  const own: Readonly<Record<string, Column>> = {
    densityGPerMl: 'density',
    viscosityPaS: 'viscosity',
    looseGPerMl: 'loose',
    openedOn: 'opened',
    madeOn: 'opened',
    lowMl: 'low',
    lowCount: 'low',
    edgeDepthMm: 'edgeMm',
  };
  return own[last] ?? (/^\d+$/.test(last) ? 'pigments' : last || 'the row');
};

const number = (n: number | undefined): string | undefined =>
  n === undefined ? undefined : trim(n, 4);

/** A thing on the shelf as a row, empty cells left out. */
function rowOf(item: ShelfItem): Row {
  const row: Row = {
    kind: item.kind,
    id: shelfId(item),
    name: shelfName(item),
    ...('maker' in item ? { maker: item.maker } : {}),
  };
  if ('stockMl' in item || 'sizeMl' in item || 'price' in item || item.kind === 'paint')
    Object.assign(row, poured(item));
  if ('count' in item || 'lowCount' in item)
    Object.assign(row, { count: number(item.count), low: number(item.lowCount) });
  switch (item.kind) {
    case 'paint': {
      const { paint } = item;
      Object.assign(row, {
        hex: paint.hex,
        opacity:
          typeof paint.opacity === 'string'
            ? paint.opacity
            : `${paint.opacity.contrastRatio} at ${paint.opacity.wetMicrons}`,
        body: paint.body,
        finish: paint.finish,
        density: number(paint.densityGPerMl),
        pigments: paint.pigments?.join(' '),
        tint: paint.tint10Hex,
        note: paint.note,
      });
      break;
    }
    case 'material':
      Object.assign(row, {
        role: item.material.role,
        density: number(item.material.densityGPerMl),
        viscosity: number(item.material.viscosityPaS),
        loose: number(item.material.looseGPerMl),
        note: item.material.note,
      });
      break;
    case 'vessel':
      Object.assign(row, {
        topMm: number(item.vessel.topMm),
        bottomMm: number(item.vessel.bottomMm),
        heightMm: number(item.vessel.heightMm),
        compartments: number(item.vessel.compartments),
        outlet: item.outlet && outletWords(item.outlet),
        price: number(item.price),
      });
      break;
    case 'surface':
      Object.assign(row, {
        size: sizeWords(item.shape, 'mm', ' x '),
        edgeMm: number(item.edgeDepthMm),
        support: item.support,
        price: number(item.price),
      });
      break;
    case 'finish':
      row.product = item.product;
      break;
    case 'jar':
      Object.assign(row, {
        hex: item.hex,
        g: number(item.g),
        opened: item.madeOn,
        silicone: item.silicone ? 'yes' : 'no',
        consistency: item.consistency,
        from: item.from,
        note: item.note,
      });
  }
  return Object.fromEntries(
    COLUMNS.flatMap((c) => (row[c] === undefined || row[c] === '' ? [] : [[c, row[c]]])),
  );
}

const outletWords = (outlet: VesselOutlet): string =>
  typeof outlet === 'string'
    ? outlet
    : 'tipMm' in outlet
      ? `${trim(outlet.tipMm, 2)} mm tip`
      : `${outlet.holes} holes on ${trim(outlet.ringMm, 1)} mm`;

function outletOf(words: string): VesselOutlet | undefined {
  if (words === 'rim' || words === 'bottom') return words;
  const tip = /^([\d.]+) mm tip$/.exec(words);
  if (tip) return { tipMm: Number(tip[1]) };
  const holes = /^(\d+) holes on ([\d.]+) mm$/.exec(words);
  return holes ? { holes: Number(holes[1]), ringMm: Number(holes[2]) } : undefined;
}

function poured(item: ShelfItem): Row {
  const { stockMl, sizeMl, price, lowMl, openedOn, countedIn } = item as Extract<
    ShelfItem,
    { kind: 'paint' }
  >;
  return {
    stockMl: number(stockMl),
    sizeMl: number(sizeMl),
    price: number(price),
    low: number(lowMl),
    opened: openedOn,
    countedIn,
  } as Row;
}

/** A row as a thing on the shelf, not yet judged by its schema; cells that are no numbers or sizes are told at once. */
function itemOf(
  kind: ShelfKind,
  row: Row,
  was: ShelfItem | undefined,
  fault: (column: Column, message: string) => void,
): unknown {
  const n = (column: Column): number | undefined => {
    const cell = row[column];
    if (cell === undefined) return undefined;
    const read = parseNumber(cell);
    if (!read.ok) fault(column, `"${cell}" is not a number`);
    return read.ok ? read.value : undefined;
  };
  const some = <T extends object>(of: T): T =>
    Object.fromEntries(Object.entries(of).filter(([, v]) => v !== undefined)) as T;
  const stock = () =>
    some({
      maker: row.maker,
      stockMl: n('stockMl'),
      sizeMl: n('sizeMl'),
      price: n('price'),
      lowMl: n('low'),
      openedOn: row.opened,
      countedIn: row.countedIn,
    });
  const counted = () =>
    some({ maker: row.maker, count: n('count'), lowCount: n('low'), price: n('price') });
  switch (kind) {
    case 'paint': {
      const measured = /^([\d.]+) at ([\d.]+)$/.exec(row.opacity ?? '');
      return {
        kind,
        paint: some({
          id: row.id,
          name: row.name,
          hex: row.hex,
          opacity: measured
            ? { contrastRatio: Number(measured[1]), wetMicrons: Number(measured[2]) }
            : (row.opacity ?? 'semi-opaque'),
          body: row.body ?? 'soft',
          finish: row.finish ?? 'satin',
          densityGPerMl: n('density'),
          pigments: row.pigments?.split(/[\s;,]+/),
          tint10Hex: row.tint,
          note: row.note,
        }),
        ...(was?.kind === 'paint' && was.trials ? { trials: was.trials } : {}),
        ...stock(),
      };
    }
    case 'material':
      return {
        kind,
        material: some({
          id: row.id,
          name: row.name,
          role: row.role ?? 'medium',
          densityGPerMl: n('density') ?? 1.03,
          viscosityPaS: n('viscosity') ?? 0.6,
          looseGPerMl: n('loose'),
          note: row.note,
        }),
        ...stock(),
      };
    case 'vessel': {
      const outlet = row.outlet === undefined ? undefined : outletOf(row.outlet);
      if (row.outlet !== undefined && outlet === undefined)
        fault(
          'outlet',
          `"${row.outlet}" is not rim, bottom, such as 9 holes on 60 mm, or 3 mm tip`,
        );
      return {
        kind,
        id: row.id,
        vessel: some({
          name: row.name,
          topMm: n('topMm'),
          bottomMm: n('bottomMm'),
          heightMm: n('heightMm'),
          compartments: n('compartments'),
        }),
        ...(outlet === undefined ? {} : { outlet }),
        ...counted(),
      };
    }
    case 'surface': {
      // An outline of its own has no words to be typed by: it keeps the one it has.
      const kept = was?.kind === 'surface' && row.size === rowOf(was).size ? was.shape : undefined;
      const size = kept ? { ok: true as const, value: kept } : parseSize(row.size ?? '', 'mm');
      if (!size.ok) fault('size', size.fault);
      return some({
        kind,
        id: row.id,
        name: row.name,
        shape: size.ok ? size.value : undefined,
        edgeDepthMm: n('edgeMm') ?? 0,
        support: row.support,
        ...counted(),
      });
    }
    case 'finish':
      return { kind, id: row.id, name: row.name, product: row.product, ...stock() };
    default:
      return some({
        kind,
        id: row.id,
        name: row.name,
        hex: row.hex,
        g: n('g'),
        madeOn: row.opened,
        silicone: row.silicone === 'yes',
        consistency: row.consistency,
        from: row.from,
        note: row.note,
      });
  }
}
