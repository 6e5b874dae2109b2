/** What a move may want that not everybody has, in words. */
export const TOOLS = {
  turntable: 'a turntable',
  torch: 'a torch',
  dryer: 'a dryer that blows cool',
} as const;

export type Tool = keyof typeof TOOLS;
