/** What has become of a piece, in the order it usually does. */
export const STATUSES = {
  drying: 'Drying',
  finished: 'Finished',
  kept: 'Kept',
  given: 'Given away',
  'for-sale': 'For sale',
  sold: 'Sold',
} as const;

export type Status = keyof typeof STATUSES;
export const STATUS_IDS = Object.keys(STATUSES) as Status[];

/** Nothing is said of most pieces until something changes. */
export const statusOf = ({ status = 'drying' }: { readonly status?: Status }): Status => status;
