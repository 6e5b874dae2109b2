import type { Corners } from '@potter/core/photograph';
import type { Photograph as Taken } from '@potter/core/piece';
import type { Plan } from '@potter/core/plan';
import { useEffect, useRef, useState } from 'react';
import { findPiece, outlineBetween, outlineOf } from './squared';
import { ANYWHERE, SquareUp } from './square-up';

/** The corners of a piece in a photograph, looked for as it opens where they are not known. */
export function Squaring({
  url,
  picture,
  known,
  plan,
  onKeep,
  onLeave,
}: {
  readonly url: string;
  readonly picture: () => Promise<Blob>;
  readonly known: Corners | undefined;
  readonly plan: Plan | undefined;
  readonly onKeep: (corners: Taken['corners']) => void;
  readonly onLeave: () => void;
}) {
  const [corners, setCorners] = useState<Corners>(known ?? ANYWHERE);
  const [busy, setBusy] = useState(false);
  const [says, setSays] = useState(LOOKED_FOR);
  const find = async () => {
    setBusy(true);
    setSays('Looking for the corners.');
    try {
      const found = await findPiece(await picture(), outlineOf(plan));
      if (found) setCorners(found);
      setSays(found ? FOUND : NOT_FOUND);
    } catch (error) {
      setSays(error instanceof Error ? error.message : String(error));
    }
    setBusy(false);
  };
  const first = useRef(known === undefined);
  useEffect(() => {
    if (!first.current) return;
    first.current = false;
    void find();
  });
  return (
    <SquareUp
      url={url}
      corners={corners}
      outline={outlineBetween(corners, plan)}
      onChange={setCorners}
      says={says}
      busy={busy}
      onFind={() => void find()}
      onKeep={() => onKeep(corners.map(([x, y]) => [x, y]) as Taken['corners'])}
      onLeave={onLeave}
    />
  );
}

const LOOKED_FOR = 'As they were kept.';
const FOUND = 'These look like its corners. Move one that is off.';
const NOT_FOUND =
  'Its corners were not found: there has to be table all round it. Drag them where they belong.';
