import { type Photograph as Taken, withCorners } from '@potter/core/piece';
import type { Plan } from '@potter/core/plan';
import { useState } from 'react';
import { pictureOf } from '@/data/pictures';
import { AsTaken } from './as-taken';
import { ItsLight } from './its-light';
import { usePictureUrl } from './photograph';
import type { Change } from './change';
import { useSquared } from './squared';
import { Squaring } from './squaring';
import { Straight } from './straight';

/** One picture large: as it was taken, squared up, or its corners or its light being told. */
export function LookedAt({
  photograph,
  plan,
  change,
  onOut,
}: {
  readonly photograph: Taken;
  readonly plan: Plan | undefined;
  readonly change: Change;
  readonly onOut: () => void;
}) {
  const url = usePictureUrl(photograph.picture);
  const squared = useSquared(photograph, plan);
  const [shown, setShown] = useState<'taken' | 'straight' | 'corners' | 'light'>('taken');
  if (shown === 'corners' && url)
    return (
      <Squaring
        url={url}
        picture={() => pictureOf(photograph.picture)}
        known={photograph.corners}
        plan={plan}
        onLeave={() => setShown(photograph.corners ? 'straight' : 'taken')}
        onKeep={(corners) => {
          change((piece) => withCorners(piece, photograph.picture, corners));
          setShown('straight');
        }}
      />
    );
  if (shown === 'light')
    return <ItsLight photograph={photograph} change={change} onDone={() => setShown('straight')} />;
  if (shown === 'straight' && squared)
    return (
      <Straight
        photograph={photograph}
        squared={squared}
        onAsTaken={() => setShown('taken')}
        onCorners={() => setShown('corners')}
        onLight={() => setShown('light')}
      />
    );
  return (
    <AsTaken
      photograph={photograph}
      change={change}
      onOut={onOut}
      onStraight={() => setShown(photograph.corners ? 'straight' : 'corners')}
    />
  );
}
