import { leftAfter, type Run } from '@potter/core/journal';
import { byNearness } from '@potter/core/optics';
import { brief, mixNames } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { leftOver } from '@potter/core/stock';
import { shapeOf } from '@potter/core/surface';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useJars } from '@/data/shelf';
import { colourAt } from '@/picture/colour-at';
import type { Shown } from '@/picture/use-key-pictures';
import { Body, Heading, Small } from '@/ui/type';
import { Mass } from '@/ui/units';
import { PlaceOnPiece } from './on-piece';

const SAYS = {
  same: 'cannot be told apart',
  near: 'close',
  far: 'will be seen',
} as const;
const MOST = 4;

/** What may be dabbed on a bare spot: all that is left on the table, in the tray and in jars, by how near it comes to the colour there. */
export function Repair({
  run,
  picture,
}: {
  readonly run: Run;
  readonly picture: Shown | undefined;
}) {
  const { plan } = run;
  const { widthMm, heightMm } = shapeOf(plan.surface.shape).bounds(plan.surface.shape);
  const [at, setAt] = useState<[number, number]>();
  const jars = useJars();
  const dabs = useMemo(() => {
    const computed = brief(plan);
    const nameOf = mixNames(plan);
    const gOf = new Map<string, number>();
    for (const { mix, g } of leftAfter(run)) gOf.set(mix, (gOf.get(mix) ?? 0) + g);
    const { runOffG, hex } = leftOver(plan, computed);
    return [
      ...computed.mixes.flatMap(({ id, masstoneHex }) =>
        gOf.has(id) ? [{ what: nameOf(id), hex: masstoneHex, g: gOf.get(id)! }] : [],
      ),
      ...(runOffG > 0 ? [{ what: 'What lies in the tray, stirred', hex, g: runOffG }] : []),
      ...jars.map(({ name, hex: jarHex, g }) => ({ what: name, hex: jarHex, g })),
    ];
  }, [plan, run, jars]);
  const there = useQuery({
    queryKey: ['colour at', picture?.uri, at],
    queryFn: async () =>
      (await colourAt(picture!.picture, [at![0] / widthMm, at![1] / heightMm])) ?? null,
    enabled: picture !== undefined && at !== undefined,
    networkMode: 'always',
    staleTime: Infinity,
  });
  return (
    <View className="gap-2">
      <Heading>A repair: what suits?</Heading>
      <Body>Press beside the bare spot, on the colour it should have.</Body>
      <PlaceOnPiece
        surface={plan.surface}
        face={{ widthMm, heightMm }}
        picture={picture}
        at={at}
        onPlace={setAt}
      />
      {picture === undefined ? <Small>There is no picture of the piece yet.</Small> : null}
      {there.data ? (
        <View role="list" aria-label="What suits there" aria-live="polite">
          {byNearness(there.data, dabs)
            .slice(0, MOST)
            .map(({ of: { what, hex, g }, how }) => (
              <View
                role="listitem"
                key={what}
                className="min-h-[52px] flex-row items-center gap-3 border-b border-rule"
              >
                <Patch hex={there.data!} beside={hex} />
                <View className="flex-1">
                  <Body>{what}</Body>
                  <Small>{SAYS[how]}</Small>
                </View>
                <Mass g={Number(trim(g, 0))} />
              </View>
            ))}
        </View>
      ) : null}
    </View>
  );
}

/** The colour there and what is dabbed on it, side by side without a seam. */
function Patch({ hex, beside }: { readonly hex: string; readonly beside: string }) {
  return (
    <View className="h-[32px] w-[56px] flex-row border border-outline" aria-hidden>
      <View className="flex-1" style={{ backgroundColor: hex }} />
      <View className="flex-1" style={{ backgroundColor: beside }} />
    </View>
  );
}
