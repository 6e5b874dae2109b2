/** A letter is about so wide for its height: the widest fonts' mean, so that no line runs out. */
const LETTER = 0.54;

const lettersIn = (mm: number, widthMm: number): number => Math.floor(widthMm / (mm * LETTER));

/** A text cut to what goes on one line. */
export const fitting = (text: string, mm: number, widthMm: number): string => {
  const most = lettersIn(mm, widthMm);
  return text.length <= most ? text : `${text.slice(0, most - 1).trimEnd()}…`;
};

/** A text in lines that are no wider; a word that is, is cut. */
export function wrapped(text: string, mm: number, widthMm: number): string[] {
  const most = lettersIn(mm, widthMm);
  const lines: string[] = [];
  for (const word of text.split(/\s+/).filter((w) => w !== '')) {
    const last = lines.at(-1);
    if (last !== undefined && last.length + 1 + word.length <= most)
      lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(fitting(word, mm, widthMm));
  }
  return lines;
}
