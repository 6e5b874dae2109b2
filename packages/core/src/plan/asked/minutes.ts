/** Minutes of a local date and time since some day; zones do not matter, since both are of one place. */
export const minutesOf = (local: string): number => Date.parse(`${local.slice(0, 16)}Z`) / 60_000;
