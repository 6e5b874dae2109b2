import type { RemarkDefinition } from './evidence';
import { pairFindings } from './pair-remark';

export const neighboursMud: RemarkDefinition = {
  id: 'neighbours-mud',
  see: (evidence) =>
    pairFindings(
      evidence,
      'spoils',
      (n) => n.verdict === 'mud',
      (a, b) => `${a} beside ${b} turns to mud.`,
    ),
};
