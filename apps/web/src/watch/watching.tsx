import type { Place } from '@potter/core/photograph';
import type { Plan } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { createElement } from 'react';
import { Text, View } from 'react-native';
import { Outline } from '@/journal/outline';
import { usePreviewOf } from '@/picture/use-preview-of';
import { LeftAlone } from '@/reading/left-alone';
import { watchWords } from '@/reading/rest-words';
import { Button } from '@/ui/button';
import { clock, localTime } from '@/ui/local-time';
import { Failed } from '@/ui/state';
import { Body, Small, Strong } from '@/ui/type';
import { useNow } from '@/ui/use-now';
import type { CameraSource } from './camera-source';
import { GrownChart } from './grown-chart';
import type { Watched } from './use-watch';

interface Props {
  readonly seen: Watched;
  readonly plan: Plan;
  /** Of the piece in the last picture. */
  readonly outline: readonly (readonly Place[])[];
  /** While it goes on, and when the next picture is due by its clock. */
  readonly camera?: CameraSource;
  readonly nextAt?: number;
  readonly onStop: () => void;
  readonly onAgain: () => void;
}

/** What the watch has told so far, large enough to be read from across the table. */
export function Watching({ seen, plan, outline, camera, nextAt, onStop, onAgain }: Props) {
  const { last, watches, grown, movedAt, kept, fault, pictures } = seen;
  // Not before there is something to lay it beside: the pictures come first.
  const preview = usePreviewOf(watches.length > 0 ? plan : undefined);
  const inAll = grown.length > 1 ? grown.at(-1) : undefined;
  const lately = watches.at(-1);
  const timeOf = (at: number) => localTime(at).slice('yyyy-mm-ddT'.length);
  return (
    <View className="gap-4">
      <View role="status" className="gap-1">
        <Text
          className="font-display text-[64px] leading-[68px] text-ink"
          style={{ fontVariant: ['tabular-nums'] }}
        >
          {inAll ? (isTold(inAll) ? signed(inAll.grown) : '0 %') : '–'}
        </Text>
        <Body>
          {inAll
            ? isTold(inAll)
              ? `Cells are so much wider than ${minutes(inAll.min)} ago, when the watch began; give or take ${trim(100 * inAll.within, 0)} %.`
              : `Cells are no wider than ${minutes(inAll.min)} ago, when the watch began, as far as ${trim(100 * inAll.within, 0)} % can be told.`
            : nothingYet(seen)}
        </Body>
        {lately ? <Strong>{watchWords(lately, watches.at(-2))}</Strong> : null}
      </View>
      {camera && nextAt !== undefined ? (
        <Coming camera={camera} nextAt={nextAt} pictures={pictures.length} />
      ) : (
        <Body>
          The watch is over: {pictures.length === 1 ? '1 picture' : `${pictures.length} pictures`}.
        </Body>
      )}
      {camera ? (
        <Button className="self-start" label="Stop watching" onPress={onStop} />
      ) : (
        <Button className="self-start" label="Watch again" onPress={onAgain} />
      )}
      {movedAt === undefined ? null : (
        <Body>
          The phone or the piece was moved at {timeOf(movedAt)}: its corners were found anew, and
          the watch goes on.
        </Body>
      )}
      {fault === undefined ? null : <Failed what="Not all went well." why={fault} />}
      <GrownChart grown={grown} />
      {watches.length > 0 ? <LeftAlone watches={watches} cells={preview?.outcome.cells} /> : null}
      {last ? (
        <View className="gap-1">
          <Photograph url={last.url} outline={outline} at={timeOf(last.at)} />
          <Small>
            Taken at {timeOf(last.at)}.{' '}
            {kept === 0 ? '' : `${kept === 1 ? 'One is' : `${kept} are`} kept with the piece.`}
          </Small>
          {last.lacks.map((says) => (
            <Body key={says}>{says}</Body>
          ))}
        </View>
      ) : null}
    </View>
  );
}

/** Why nothing is told yet. */
function nothingYet({ pictures }: Watched): string {
  if (pictures.length < 2) return 'Two pictures tell how cells grow: the next one does.';
  const many = Math.max(0, ...pictures.map(({ cells }) => cells?.length ?? 0));
  return many === 0
    ? 'No cells can be told in these pictures: where the paint creeps is not known either.'
    : `Only ${many} cells are there to measure: six that are in both pictures are needed.`;
}

/** When the next picture comes. */
function Coming({
  camera,
  nextAt,
  pictures,
}: {
  readonly camera: CameraSource;
  readonly nextAt: number;
  readonly pictures: number;
}) {
  const leftS = (nextAt - useNow(250, camera.now)) / 1000;
  return (
    <Body>
      {pictures === 0
        ? 'Looking at the first picture.'
        : leftS > 0
          ? `Picture ${pictures + 1} in ${clock(leftS)}.`
          : `Looking at picture ${pictures + 1}.`}{' '}
      Keep this page open.
    </Body>
  );
}

/** A photograph with where the piece is taken to be. */
const Photograph = ({
  url,
  outline,
  at,
}: {
  readonly url: string;
  readonly outline: Props['outline'];
  readonly at: string;
}) =>
  createElement(
    'div',
    { style: { position: 'relative', alignSelf: 'flex-start', lineHeight: 0 } },
    createElement('img', {
      src: url,
      alt: `The piece at ${at}, with its outline`,
      style: { maxWidth: '100%', maxHeight: 360 },
    }),
    <Outline key="outline" rings={outline} />,
  );

/** Whether it is more than it may be off. */
const isTold = ({ grown, within }: { readonly grown: number; readonly within: number }): boolean =>
  Math.abs(grown) > within;

const minutes = (min: number): string =>
  min < 1 ? `${trim(60 * min, 0)} s` : `${trim(min, 0)} min`;
const signed = (share: number): string => {
  const percent = Math.round(100 * share);
  return `${percent > 0 ? '+' : percent < 0 ? '−' : ''}${Math.abs(percent)} %`;
};
