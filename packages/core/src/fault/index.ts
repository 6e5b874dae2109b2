import { idsOf, registry } from '../registry';
import type { Evidence } from '../remark';
import type { AtTable, CauseDefinition, FaultDefinition, Weighed } from './define';
import { bareEdges } from './kind/bare-edges';
import { bumpy } from './kind/bumpy';
import { cellsRan } from './kind/cells-ran';
import { cracks } from './kind/cracks';
import { mud } from './kind/mud';
import { noCells } from './kind/no-cells';
import { slidOff } from './kind/slid-off';
import { vanished } from './kind/vanished';

export type { AtTable, CauseDefinition, FaultDefinition, Weighed } from './define';

/** What people see on finished pieces that was not meant (handbook 8). */
export const FAULTS = registry<FaultDefinition>()('fault', [
  mud,
  vanished,
  noCells,
  cellsRan,
  bareEdges,
  cracks,
  slidOff,
  bumpy,
]);
export type FaultId = keyof typeof FAULTS;
export const FAULT_IDS = idsOf(FAULTS);

/** A cause of a fault, with what the plan's own figures say of it where they say anything. */
export interface Cause extends Partial<Weighed> {
  readonly cause: CauseDefinition;
}

/** The causes of a fault, the likeliest by this plan's own figures first; those it cannot tell last, in the handbook's order. */
export const causesOf = (fault: FaultId, evidence: Evidence, table: AtTable): Cause[] =>
  FAULTS[fault].causes
    .map((cause): Cause => ({ cause, ...cause.weigh(evidence, table) }))
    .sort((a, b) => (b.times ?? 0) - (a.times ?? 0));
