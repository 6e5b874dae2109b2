/** How large something is on a disk, as people say it. */
export const sizeWords = (bytes: number): string =>
  bytes < 1_000_000
    ? `${Math.ceil(bytes / 1000)} kB`
    : bytes < 1_000_000_000
      ? `${(bytes / 1_000_000).toFixed(1)} MB`
      : `${(bytes / 1_000_000_000).toFixed(1)} GB`;
