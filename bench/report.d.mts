export function report(what: string, figure: number, unit: string, target: string): void;
export function median(values: readonly number[]): number;
