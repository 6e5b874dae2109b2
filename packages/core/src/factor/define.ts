/**
 * A figure that practice or judgement set, and that an artist's own pieces could set otherwise. What physics or geometry says is no factor
 * and stays where it is used. A new one is one entry in the file of its subject.
 */
export interface FactorDefinition {
  readonly id: string;
  /** What it says, as a sentence's beginning: "film that stays on an open surface". */
  readonly says: string;
  /** Of its figure; "share" is 0 to 1. */
  readonly unit:
    | 'mm'
    | 'cm²'
    | 'mL'
    | 'mL/s'
    | 'g/mL'
    | 'kg/m³'
    | 'N/m'
    | '1/s'
    | 'µm'
    | 's'
    | 'Pa'
    | 'Pa·s'
    | 'min'
    | 'h'
    | 'share'
    | 'times'
    | 'L*'
    | 'ΔE'
    | '°C'
    | '°';
  readonly usual: number;
  /** The least and the most anybody could mean by it. */
  readonly least: number;
  readonly most: number;
  /** Where the usual figure is from. */
  readonly source: string;
  /** What could teach a better one. */
  readonly taughtBy: string;
}
