import type { RemarkDefinition } from './evidence';
import { pairFindings } from './pair-remark';
import { makesUnwanted } from './touching';

export const unwantedColour: RemarkDefinition = {
  id: 'unwanted-colour',
  see: (evidence) =>
    pairFindings(
      evidence,
      'note',
      (n) => n.verdict !== 'mud' && n.verdict !== 'merge' && makesUnwanted(n),
      (a, b, n) => `${a} beside ${b} makes ${n.makes}, which may or may not be wanted.`,
    ),
};
