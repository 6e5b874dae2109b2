import { type CutKind, CUTS } from '@potter/core/cut';
import { cutMask, cutPath } from '@potter/core/format';
import { boxOf, homographyOf, through } from '@potter/core/photograph';
import type { Photograph as Taken } from '@potter/core/piece';
import type { Plan } from '@potter/core/plan';
import { useState } from 'react';
import { View } from 'react-native';
import { pictureOf } from '@/data/pictures';
import { useAside } from '@/data/use-aside';
import { Printed } from '@/template/printed';
import { Act, Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { NumberField, QuantityField } from '@/ui/quantity-field';
import { Failed, Waiting } from '@/ui/state';
import { Body, Small } from '@/ui/type';
import { useUnits } from '@/ui/units';
import { YesNo } from '@/ui/yes-no';
import type { CutAnswer, CutAsk } from '@/workers/cut-messages';
import type { Face } from '@/workers/read-messages';
import { CutRow } from './cut-row';
import { faceOf } from './face-of';
import { PixelsCanvas } from './pixels-canvas';

/** A pendant, to begin with. */
const USUAL = { widthMm: 60, heightMm: 40, count: 3 };
const MOST = 24;

/** The best cuts of a given size out of a photographed piece or skin, the ways to hang each, and a mask to cut them by. */
export function BestCuts({ taken, plan }: { readonly taken: Taken; readonly plan: Plan }) {
  const { length } = useUnits();
  const [kind, setKind] = useState<CutKind>('rect');
  const [size, setSize] = useState(USUAL);
  const [mayTurn, setMayTurn] = useState(true);
  const [printing, setPrinting] = useState(false);
  const [found, setFound] = useState<{ readonly kind: CutKind; readonly answer: CutAnswer }>();
  const finder = useAside<CutAsk, CutAnswer | undefined>(
    () => new Worker(new URL('../workers/cut.worker.ts', import.meta.url)),
  );
  const face = faceOf(plan);
  const find = async () => {
    const { widthMm, heightMm, count } = size;
    setFound(undefined);
    const answer = await finder.ask({
      picture: await pictureOf(taken.picture),
      corners: taken.corners!,
      neutral: taken.neutral,
      face,
      wanted: { kind, widthMm, heightMm, count, mayTurn, avoidMm: markedMm(taken, face) },
    });
    if (answer) setFound({ kind, answer });
  };
  const field = {
    dimension: 'length',
    unit: length,
    min: 5,
    className: 'min-w-[88px] flex-1',
  } as const;
  const marks = taken.marks?.length ?? 0;
  return (
    <View className="gap-3">
      <Choice
        label="To be cut"
        value={kind}
        options={Object.entries(CUTS).map(([value, label]) => ({ value: value as CutKind, label }))}
        onChange={setKind}
      />
      <View className="flex-row flex-wrap gap-3">
        <QuantityField
          {...field}
          label="Cut, wide"
          value={size.widthMm}
          max={face.widthMm}
          onChange={(widthMm) => setSize({ ...size, widthMm })}
        />
        <QuantityField
          {...field}
          label="Cut, high"
          value={size.heightMm}
          max={face.heightMm}
          onChange={(heightMm) => setSize({ ...size, heightMm })}
        />
        <NumberField
          className="min-w-[88px] flex-1"
          label="How many"
          value={size.count}
          min={1}
          max={MOST}
          decimals={0}
          onChange={(count) => setSize({ ...size, count })}
        />
      </View>
      <YesNo label="May lie across" value={mayTurn} onChange={setMayTurn} />
      <Small>
        {marks > 0
          ? `What is pointed at on the picture, ${marks} ${marks === 1 ? 'place' : 'places'}, is kept out of them.`
          : 'Point at a crack or a hair on the picture, and it is kept out of them.'}
      </Small>
      <Button
        primary
        className="self-start"
        label={finder.busy ? 'Looking' : 'Find the best cuts'}
        disabled={finder.busy}
        onPress={() => void find()}
      />
      {finder.busy ? <Waiting what="Trying every place" /> : null}
      {finder.failed ? <Failed what="No cut was found." why={finder.failed} /> : null}
      {found?.answer.cuts.length === 0 ? (
        <Body>None of that size fits on it whole. Make them smaller, or let them lie across.</Body>
      ) : null}
      {found && found.answer.cuts.length > 0 ? (
        <View className="gap-3">
          <Laid answer={found.answer} kind={found.kind} face={face} />
          {found.answer.cuts.length < size.count ? (
            <Body>No more than {found.answer.cuts.length} fit beside one another.</Body>
          ) : null}
          <View role="list" aria-label="Cuts">
            {found.answer.cuts.map((one, i) => (
              <CutRow key={i} nth={i + 1} found={one} kind={found.kind} />
            ))}
          </View>
          <Act
            label={printing ? 'Leave the printing' : 'Print a mask to cut by'}
            onPress={() => setPrinting(!printing)}
          />
          {printing ? (
            <Printed
              drawings={[
                cutMask(
                  plan.title,
                  face,
                  found.kind,
                  found.answer.cuts.map(({ cut }) => cut),
                ),
              ]}
              says="The mask"
              name={`${plan.title} cuts`}
            />
          ) : null}
          <Small>
            Judged by how lively a cut is, how far its colours lie apart, a vein that runs through
            it, and that about a quarter of it is calm, but not in one flat patch. The eye decides.
          </Small>
        </View>
      ) : null}
    </View>
  );
}

/** Places pointed at on a photograph, on the piece, mm. */
function markedMm(
  { marks = [], corners }: Taken,
  { widthMm, heightMm }: Face,
): (readonly [number, number])[] {
  const onto = corners && homographyOf(corners, boxOf(widthMm, heightMm));
  return onto ? marks.map(({ at }) => through(onto, at)) : [];
}

/** The piece with its cuts drawn on it. */
const Laid = ({
  answer: { whole, cuts },
  kind,
  face: { widthMm, heightMm },
}: {
  readonly answer: CutAnswer;
  readonly kind: CutKind;
  readonly face: Face;
}) => (
  <View className="self-start">
    <PixelsCanvas
      pixels={whole}
      label={`The piece with ${cuts.length} ${cuts.length === 1 ? 'cut' : 'cuts'} drawn on it`}
      style={{ maxWidth: '100%', maxHeight: 420 }}
    />
    <svg
      aria-hidden
      viewBox={`0 0 ${widthMm} ${heightMm}`}
      style={{ position: 'absolute', inset: 0, width: '100%', height: '100%' }}
    >
      {cuts.map(({ cut }, i) => (
        <g key={i}>
          {(
            [
              ['#fff', 4],
              ['#161616', 1.5],
            ] as const
          ).map(([stroke, strokeWidth]) => (
            <path
              key={stroke}
              d={cutPath(kind, cut)}
              fill="none"
              stroke={stroke}
              strokeWidth={strokeWidth}
              vectorEffect="non-scaling-stroke"
            />
          ))}
          <text
            x={cut.xMm + cut.widthMm / 2}
            y={cut.yMm + cut.heightMm / 2}
            fontSize={Math.max(widthMm, heightMm) / 18}
            fontWeight={800}
            textAnchor="middle"
            dominantBaseline="central"
            fill="#161616"
            stroke="#fff"
            strokeWidth={Math.max(widthMm, heightMm) / 90}
            paintOrder="stroke"
          >
            {i + 1}
          </text>
        </g>
      ))}
    </svg>
  </View>
);
