import type { RemarkDefinition } from './evidence';
import { pairFindings } from './pair-remark';

export const neighboursMerge: RemarkDefinition = {
  code: 'neighbours-merge',
  see: (evidence) =>
    pairFindings(
      evidence,
      'may',
      (n) => n.verdict === 'merge',
      (a, b) => `${a} and ${b} will merge: they are too alike to tell apart.`,
    ),
};
