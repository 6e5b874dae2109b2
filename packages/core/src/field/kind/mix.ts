import { Id } from '../../schema/parts';
import { defineKind, type FieldBase } from '../define';

/** A mix of the plan. */
export interface MixField extends FieldBase {
  readonly kind: 'mix';
  /** What the pot it is drawn from is set aside for: a new one starts from that pot's mix. */
  readonly use?: string;
}

export const mix = defineKind<MixField, string>({
  id: 'mix',
  schema: () => Id,
  start: ({ use }, { mixes, pots }) =>
    pots.find((p) => use !== undefined && p.use === use)?.mix ?? mixes[0],
  refers: (id) => [{ to: 'mix', id, at: '' }],
});
