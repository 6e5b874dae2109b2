import type { PrintTold } from '@potter/contract';
import type { Look } from '@potter/core/flow';
import { dotsAnInch, MOST_PX, type Plan } from '@potter/core/plan';
import { shapeOf } from '@potter/core/surface';
import { useState } from 'react';
import { Pressable, Text, View } from 'react-native';
import { printUrl, useDropPrint, useMakePrint, usePrint } from '@/data/print';
import { Act, Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { ProgressBar } from '@/ui/progress-bar';
import { Failed } from '@/ui/state';
import { Body, Heading, Small } from '@/ui/type';

const SIZES = [1024, 2048, MOST_PX] as const;
/** Dots an inch that look sharp at arm’s length (common practice, no published source). */
const SHARP = 150;

interface Props {
  readonly id: string;
  readonly plan: Plan;
  readonly seed: number;
  /** As it is seen now; a map of the film is printed as the colours dry. */
  readonly view: Look | 'film';
}

/** The picture made large enough to be printed, by the studio's own machine: it takes minutes, and goes on while this device does something else. */
export function PrintSection({ id, plan, seed, view }: Props) {
  const [px, setPx] = useState<(typeof SIZES)[number]>(2048);
  const print = usePrint(id);
  const make = useMakePrint(id);
  const drop = useDropPrint(id);
  const { widthMm, heightMm } = shapeOf(plan.surface.shape).bounds(plan.surface.shape);
  const longMm = Math.max(widthMm, heightMm);
  const dots = Math.round(dotsAnInch(px, longMm));
  const look = view === 'film' ? 'dry' : view;
  const told = print.data;
  const busy = told?.state === 'waiting' || told?.state === 'computing';
  // The studio keeps prints only while it runs.
  const [awaited, setAwaited] = useState<boolean>();
  if (busy && awaited === undefined) setAwaited(true);
  const lost = awaited && told?.state === 'none';
  return (
    <View className="gap-2">
      <Heading>A print of it</Heading>
      {busy ? (
        <View className="min-h-[44px] flex-row items-center gap-3">
          <Body>{told.state === 'waiting' ? 'Waits for another' : 'The studio makes it'}</Body>
          <ProgressBar label="Print" percent={Math.round(100 * told.share)} />
          <Act
            label="Leave off"
            onPress={() => {
              setAwaited(false);
              drop.mutate();
            }}
          />
        </View>
      ) : (
        <>
          <View className="flex-row flex-wrap items-end justify-between gap-3">
            <Choice
              label="Pixels along the longer side"
              value={String(px)}
              options={SIZES.map((size) => ({ value: String(size), label: String(size) }))}
              onChange={(size) => setPx(SIZES.find((one) => String(one) === size) ?? px)}
            />
            <Button
              label="Make the print"
              disabled={make.isPending}
              onPress={() => {
                setAwaited(undefined);
                make.mutate({ plan, seed, px, look });
              }}
            />
          </View>
          <Small>
            {`As large as the piece that is ${dots} dots an inch, ${dots < SHARP ? 'soft' : 'sharp'} at arm’s length. The studio takes ${px > 2048 ? 'some minutes' : 'up to a minute'} for it; this device may sleep meanwhile.`}
          </Small>
        </>
      )}
      {make.error ? <Failed what="No print was begun." why={make.error.message} /> : null}
      {lost ? (
        <Failed what="The print was lost." why="The studio was stopped before it was done." />
      ) : null}
      {told?.state === 'failed' ? (
        <Failed what="The print was not made." why={`What went wrong: ${told.why}.`} />
      ) : null}
      {told?.state === 'done' ? <Finished id={id} title={plan.title} told={told} /> : null}
    </View>
  );
}

/** One that is done, to be taken: which it is, for the plan may have changed since. */
function Finished({
  id,
  title,
  told: { of },
}: {
  readonly id: string;
  readonly title: string;
  readonly told: PrintTold;
}) {
  if (!of) return null;
  const which = `seed ${of.seed}, ${of.look}, ${of.px} pixels`;
  return (
    <View className="flex-row flex-wrap items-center justify-between gap-3 border-t border-rule pt-2">
      <Body>{`Made: ${which}`}</Body>
      <Pressable
        role="link"
        aria-label={`Save the print, ${which}`}
        {...{ href: printUrl(id), hrefAttrs: { download: `${title}, ${which}.png` } }}
        className="min-h-[44px] justify-center active:bg-pressed"
      >
        <Text className="font-bold text-16 text-ink underline">Save the print</Text>
      </Pressable>
    </View>
  );
}
