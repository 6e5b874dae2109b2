import type { Reaction, ReactionSide } from './reaction-schema';

/** What happened, after the two names. */
export const REACTED: Readonly<Record<Reaction['what'], string>> = {
  lumpy: 'went lumpy',
  cracked: 'cracked as they dried',
  parted: 'would not mix',
  turned: 'turned another colour',
  failed: 'did not work together',
};

/** What is noted of two paints, either way round. */
export const reactionOf = (
  reactions: readonly Reaction[],
  makers: Readonly<Record<string, string>>,
  paintA: string,
  paintB: string,
): Reaction | undefined => {
  const is = (side: ReactionSide, paint: string): boolean =>
    side.kind === 'paint' ? side.id === paint : sameMaker(side.name, makers[paint]);
  return reactions.find(
    ({ a, b }) => (is(a, paintA) && is(b, paintB)) || (is(a, paintB) && is(b, paintA)),
  );
};

const sameMaker = (a: string, b: string | undefined): boolean =>
  b !== undefined && a.trim().toLowerCase() === b.trim().toLowerCase();
