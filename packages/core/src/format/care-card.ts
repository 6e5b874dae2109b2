import { sheetsWith } from '../coat';
import type { Plan } from '../plan/document/schema';
import { openPlan } from '../plan/document/open';
import { sizeWords } from '../surface/size-words';
import { verbOf } from '../verb';
import { wrapped } from './lines';
import type { Template } from './template';

/** A postcard, mm; one goes on any paper twice. */
const CARD = { widthMm: 148, heightMm: 105 } as const;
const MARGIN_MM = 7;
const TITLE_MM = 7;
const TEXT_MM = 3.6;
const LINE_MM = 4.9;

/** What stands on a label that the plan does not say. */
export interface CardSays {
  /** Who made it, as they sign. */
  readonly by?: string;
  /** When it was poured or finished, as it is to stand there. */
  readonly made?: string;
  /** The price as it is to stand there. */
  readonly price?: string;
}

/** How a piece is looked after, by what it is made of and what it is for (common practice, no published source). */
export function careLines(plan: Plan): string[] {
  const coats = plan.moves.filter((m) => verbOf(m).coats);
  const resin = coats.some((m) => verbOf(m).onDry?.sheet?.(m) === 'resin');
  const neon = plan.paints.some(({ finish }) => finish === 'neon');
  const { use } = plan.surface;
  return [
    'Dust it with a soft dry cloth; wipe it with a damp one, never with solvent or scourer.',
    resin
      ? 'Its clear coat is scratched by grit and grows soft with heat: nothing hotter than the hand without a mat.'
      : coats.length > 0
        ? 'It is varnished: lay nothing on its face, and nothing warm.'
        : 'Its face is bare paint: lay nothing on it, and wrap it in paper, never in plastic.',
    neon
      ? 'Keep it out of the sun: its brightest colours fade first.'
      : 'Keep it out of strong sun, and away from stoves and damp walls.',
    ...(use === 'hot' || use === 'handled'
      ? ['It is painted ware and not for food: what is eaten or drunk stays off its face.']
      : []),
    ...(use === 'outdoor' ? ['Under a roof it lasts longest; take it in when it freezes.'] : []),
  ];
}

/** What it is made of, in a line. */
function madeOf(plan: Plan): string {
  const products = new Set(
    plan.moves.flatMap((m) => (verbOf(m).coats ? (verbOf(m).onDry?.sheet?.(m) ?? []) : [])),
  );
  const sheets = sheetsWith(plan.sheets);
  const over = [...products].map(
    (p) => sheets[p].name ?? (p === 'resin' ? 'a clear coat' : 'varnish'),
  );
  return `Poured acrylic${openPlan(plan).oily ? ' with silicone' : ''} on ${plan.surface.support ?? 'a primed ground'}${over.length > 0 ? `, under ${over.join(' and ')}` : ''}`;
}

/** A label with its care, for whoever gets the piece: one card, to be cut out. */
export function careCard(plan: Plan, { by, made, price }: CardSays): Template {
  const widthMm = CARD.widthMm - 2 * MARGIN_MM;
  const facts = [
    sizeWords(plan.surface.shape, 'cm'),
    ...(by ? [by] : []),
    ...(made ? [made] : []),
    ...(price ? [price] : []),
  ];
  const title = wrapped(plan.title, TITLE_MM, widthMm);
  const rows = [
    ...wrapped(facts.join(' · '), TEXT_MM, widthMm),
    ...wrapped(madeOf(plan), TEXT_MM, widthMm),
    '',
    ...careLines(plan).flatMap((line) => wrapped(line, TEXT_MM, widthMm)),
  ];
  const top = MARGIN_MM + title.length * (TITLE_MM + 1);
  return {
    title: `${plan.title}, label and care`,
    ...CARD,
    lines: [
      { d: `M0 0H${CARD.widthMm}V${CARD.heightMm}H0Z`, guide: true },
      { d: `M${MARGIN_MM} ${top + 1}H${CARD.widthMm - MARGIN_MM}`, guide: false },
    ],
    labels: [
      ...title.map((text, i) => ({
        x: MARGIN_MM,
        y: MARGIN_MM + TITLE_MM - 1 + i * (TITLE_MM + 1),
        text,
        mm: TITLE_MM,
      })),
      ...rows.map((text, i) => ({
        x: MARGIN_MM,
        y: top + 2 + (i + 1) * LINE_MM,
        text,
        mm: TEXT_MM,
      })),
    ],
  };
}
