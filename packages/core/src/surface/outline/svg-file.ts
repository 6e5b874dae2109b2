import { parseXml, XmlElement, XmlError, type XmlNode } from '@rgrove/parse-xml';
import { findUnit } from '../../quantity/unit';
import type { Parsed } from '../../quantity/parse';
import { readPath } from './path-data';
import { extentOf, type Ring } from './ring';
import { simplified } from './simplify';

/** Outlines of a drawing in its own units, and how long one of them is where the file says. */
export interface Drawing {
  readonly rings: readonly Ring[];
  readonly mmPerUnit?: number;
}

/** Largest drawing that is read, characters. */
export const MOST_SVG = 5_000_000;
const MOST_RINGS = 200;
/** Groups in groups: readers of files run out of room beyond some thousands. */
const MOST_NESTED = 200;
/** Points of a whole drawing, before it is simplified: a tracing at its finest. */
const MOST_POINTS = 400_000;
/** Outlines are kept to within this share of the drawing's size: a twentieth of a millimetre on a canvas half a metre wide. */
const FINENESS = 10_000;

/** Elements that draw nothing where they stand. */
const APART = [
  'defs',
  'clipPath',
  'mask',
  'symbol',
  'pattern',
  'marker',
  'metadata',
  'title',
  'desc',
  'style',
];
/** Elements that run, fetch or repeat something: a drawing that holds one is refused, never followed. */
const REFUSED: Readonly<Record<string, string>> = {
  script: 'a script',
  foreignObject: 'a foreign object',
  image: 'an image',
  use: 'a clone of another shape',
  iframe: 'a frame',
  animate: 'an animation',
  set: 'an animation',
  a: 'a link',
};

class Refusal extends Error {}

/**
 * Reads the outlines of an SVG file: paths and basic shapes through all transforms. Nothing in it is run or fetched; a file with scripts,
 * event attributes or references is refused.
 */
export function readSvg(text: string): Parsed<Drawing> {
  const bad = (fault: string): Parsed<never> => ({ ok: false, fault });
  if (text.length > MOST_SVG)
    return bad(
      `The drawing is too large: ${text.length} characters, ${MOST_SVG} at most. Simplify it, or leave pictures out.`,
    );
  if (nestedDeeper(text, MOST_NESTED))
    return bad(
      `The drawing’s groups are nested deeper than ${MOST_NESTED}. Ungroup them where it was drawn.`,
    );
  try {
    const { root } = parseXml(text, { includeOffsets: true });
    if (root?.name !== 'svg')
      return bad(`This is no SVG drawing: it begins with <${root?.name ?? ''}>.`);
    const paths: { d: string; transforms: string[]; element: XmlElement }[] = [];
    collect(root, [], paths, text);
    if (paths.length === 0)
      return bad(
        'There is no outline in this drawing. Lettering must be turned into paths where it was drawn.',
      );
    // Drawn at some size: first coarse, to learn how large, then as fine as that asks for.
    const read = (tolerance: number) =>
      paths.flatMap(({ d, transforms, element }) => {
        try {
          return readPath(d, tolerance, transforms);
        } catch (error) {
          throw new Refusal(
            `The path in line ${lineOf(element, text)} cannot be read: ${(error as Error).message}`,
          );
        }
      });
    const { widthMm, heightMm } = extentOf(read(1e9));
    const tolerance = Math.max(widthMm, heightMm) / FINENESS || 1;
    const drawn = read(tolerance);
    const points = drawn.reduce((sum, ring) => sum + ring.length / 2, 0);
    if (points > MOST_POINTS)
      return bad(
        `This drawing has ${points} points; ${MOST_POINTS} is the most. Simplify its paths where it was drawn.`,
      );
    const rings = distinct(drawn)
      .map((ring) => simplified(ring, tolerance))
      .filter((ring) => ring.length > 0);
    if (rings.length === 0) return bad('The lines in this drawing enclose nothing.');
    if (rings.length > MOST_RINGS)
      return bad(
        `This drawing has ${rings.length} separate outlines; ${MOST_RINGS} is the most. Keep only the edge of the piece and its holes.`,
      );
    const mmPerUnit = scaleOf(root);
    return { ok: true, value: { rings, ...(mmPerUnit === undefined ? {} : { mmPerUnit }) } };
  } catch (error) {
    if (error instanceof Refusal) return bad(error.message);
    if (error instanceof XmlError)
      return bad(`This is no sound SVG file: ${error.message.split('\n')[0]}.`);
    throw error;
  }
}

/** Whether elements stand in each other deeper than this, told from the text alone, in one go. Comments and quotes are passed over. */
function nestedDeeper(text: string, most: number): boolean {
  let depth = 0;
  for (let at = text.indexOf('<'); at >= 0; at = text.indexOf('<', at + 1)) {
    const next = text[at + 1];
    if (next === '!') {
      const end = text.startsWith('<!--', at) ? text.indexOf('-->', at) : text.indexOf('>', at);
      if (end < 0) return false;
      at = end;
      continue;
    }
    if (next === '?') continue;
    if (next === '/') {
      depth--;
      continue;
    }
    const end = text.indexOf('>', at);
    if (end < 0) return false;
    if (text[end - 1] !== '/' && ++depth > most) return true;
    at = end;
  }
  return false;
}

function collect(
  element: XmlElement,
  outside: readonly string[],
  paths: { d: string; transforms: string[]; element: XmlElement }[],
  text: string,
): void {
  const { name, attributes } = element;
  const refused = REFUSED[name];
  if (refused)
    throw new Refusal(
      `The drawing holds ${refused} in line ${lineOf(element, text)}. Only plain outlines are taken: save it as a plain SVG without it.`,
    );
  for (const [key, value] of Object.entries(attributes)) {
    if (/^on/i.test(key))
      throw new Refusal(
        `The drawing holds a script (${key}) in line ${lineOf(element, text)}. Only plain outlines are taken: save it as a plain SVG without it.`,
      );
    if (/(^|:)href$/i.test(key) || /url\s*\(\s*['"]?(?!#)/i.test(value))
      throw new Refusal(
        `The drawing refers to something outside it in line ${lineOf(element, text)}. Only plain outlines are taken: save it as a plain SVG without it.`,
      );
  }
  if (
    APART.includes(name) ||
    /display\s*:\s*none/.test(attributes.style ?? '') ||
    attributes.display === 'none'
  ) {
    if (name === 'style' && /@import|url\s*\(/i.test(element.text))
      throw new Refusal(
        `The drawing’s style sheet refers to something outside it in line ${lineOf(element, text)}. Save it as a plain SVG without it.`,
      );
    // Nothing in here is drawn, but nothing in here may run either.
    element.children.filter(isElement).forEach((child) => collect(child, [], [], text));
    return;
  }
  const transforms = [...(attributes.transform ? [attributes.transform] : []), ...outside];
  const d = dataOf(element);
  if (d !== undefined) paths.push({ d, transforms, element });
  for (const child of element.children)
    if (isElement(child)) collect(child, transforms, paths, text);
}

const isElement = (node: XmlNode): node is XmlElement => node instanceof XmlElement;

/** Path data of a basic shape (SVG 1.1, chapter 9); undefined for what encloses nothing. */
function dataOf({ name, attributes }: XmlElement): string | undefined {
  const n = (key: string) => Number.parseFloat(attributes[key] ?? '0') || 0;
  switch (name) {
    case 'path':
      return attributes.d;
    case 'rect': {
      const [x, y, w, h] = [n('x'), n('y'), n('width'), n('height')];
      const rx = Math.min(n('rx') || n('ry'), w / 2);
      const ry = Math.min(n('ry') || n('rx'), h / 2);
      if (rx === 0 || ry === 0) return `M${x} ${y}h${w}v${h}h${-w}z`;
      const arc = (dx: number, dy: number) => `a${rx} ${ry} 0 0 1 ${dx} ${dy}`;
      return `M${x + rx} ${y}h${w - 2 * rx}${arc(rx, ry)}v${h - 2 * ry}${arc(-rx, ry)}h${2 * rx - w}${arc(-rx, -ry)}v${2 * ry - h}${arc(rx, -ry)}z`;
    }
    case 'circle':
    case 'ellipse': {
      const [rx, ry] = name === 'circle' ? [n('r'), n('r')] : [n('rx'), n('ry')];
      return `M${n('cx') - rx} ${n('cy')}a${rx} ${ry} 0 1 1 ${2 * rx} 0a${rx} ${ry} 0 1 1 ${-2 * rx} 0z`;
    }
    case 'polygon':
    case 'polyline':
      return attributes.points ? `M${attributes.points.trim()}z` : undefined;
    default:
      return undefined;
  }
}

/** Length of a unit of the drawing, where its width is given in a unit of length and its view box in numbers. */
function scaleOf({ attributes }: XmlElement): number | undefined {
  const match = /^\s*([\d.]+)\s*(mm|cm|in)\s*$/.exec(attributes.width ?? '');
  const across = Number(attributes.viewBox?.trim().split(/[\s,]+/)[2]);
  const unit = match && findUnit(match[2]!, 'length');
  return match && unit && across > 0 ? (Number(match[1]) * unit.base) / across : undefined;
}

/** Rings once each: drawings often hold a shape twice, as fill and as line, and twice would be a hole. */
function distinct(rings: readonly Ring[]): Ring[] {
  const seen = new Set<string>();
  return rings.filter((ring) => {
    const key = ring.map((v) => v.toFixed(3)).join(' ');
    return !seen.has(key) && seen.add(key);
  });
}

const lineOf = (node: XmlElement, text: string): number =>
  text.slice(0, Math.max(0, node.start)).split('\n').length;
