import { GROUND } from '@potter/core/flow';
import { type Photograph as Taken, STATE_WORDS, STATES } from '@potter/core/piece';
import type { Plan } from '@potter/core/plan';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Reading } from '@/picture/reading';
import { usePreviewOf } from '@/picture/use-preview-of';
import { Choice } from '@/ui/choice';
import { Failed, Waiting } from '@/ui/state';
import { Body, Small } from '@/ui/type';
import type { ReadAnswer } from '@/workers/read-messages';
import { CellsRight } from './cells-right';
import { namedColours } from './colour-words';
import type { Column } from './column';
import { findings, type StateColumn } from './findings';
import { layoutWords } from './layout-words';
import { Overlay, type OverlayId, OVERLAYS } from './overlay';
import { PutRight } from './put-right';
import { Rest } from './rest';
import { Table } from './table';
import { tapped } from '@/drawing/tapped';
import { useRead, useReadPreview } from './use-read';

interface Props {
  readonly taken: readonly Taken[];
  readonly plan: Plan;
  /** What is said of a picture's colours, and of its cells, and taken back again. */
  readonly colour: PutRightBy<'told'>;
  readonly cell: PutRightBy<'cells'>;
}

interface PutRightBy<What extends 'told' | 'cells'> {
  readonly onTell: (picture: string, told: NonNullable<Taken[What]>[number]) => void;
  readonly onTakeBack: (picture: string, nth: number) => void;
}

/** Photographs of a piece read against its plan: what each place was taken for, how much there is of what, and what differs. */
export function WhatItSays({ taken, plan, colour, cell }: Props) {
  const squared = taken.filter(({ corners }) => corners !== undefined);
  const [state, setState] = useState(squared.at(-1)?.state ?? 'wet');
  const [which, setWhich] = useState<OverlayId>('colours');
  const [at, setAt] = useState<readonly [number, number]>();
  const colours = useMemo(() => namedColours(plan), [plan]);
  // The last of each state stands for it.
  const lastOf = (of: Taken['state']) => squared.filter((one) => one.state === of).at(-1);
  const shown = lastOf(state);
  const own = useRead(shown, plan);
  const { answer, anew, error } = own;
  // What is on screen is read first, then what stands beside it, then the preview is computed: all at once each would wait for all.
  const next = answer !== undefined || error !== null;
  const beside = {
    wet: useRead(lastOf('wet'), plan, next),
    dry: useRead(lastOf('dry'), plan, next),
    coated: useRead(lastOf('coated'), plan, next),
  };
  const reads = { ...beside, [state]: own };
  const over = STATES.every(
    (of) => !lastOf(of) || reads[of].answer !== undefined || reads[of].error !== null,
  );
  const preview = usePreviewOf(over ? plan : undefined);
  const computed = useReadPreview(preview?.picture, plan);
  if (!shown)
    return (
      <Body>Square a picture up first: its corners tell where the piece is, and how large.</Body>
    );
  const previewColumn: Column | undefined = computed.answer && {
    title: 'Preview',
    answer: computed.answer,
  };
  const told = STATES.flatMap((of): StateColumn[] => {
    const read = reads[of].answer;
    return read && !read.cannot.nothing
      ? [{ title: STATE_WORDS[of], state: of, answer: read }]
      : [];
  });
  const there = STATES.filter((of) => lastOf(of) !== undefined);
  const aslant = STATES.filter((of) => !there.includes(of) && taken.some((p) => p.state === of));
  return (
    <View className="gap-4">
      {there.length > 1 ? (
        <Choice
          label="Picture"
          value={state}
          options={there.map((value) => ({ value, label: STATE_WORDS[value] }))}
          onChange={(to) => {
            setState(to);
            setAt(undefined);
          }}
        />
      ) : null}
      {error ? <Failed what="The picture was not read." why={error.message} /> : null}
      {!answer && !error ? <Waiting what="Reading the picture" /> : null}
      {answer ? <Lacks answer={answer} /> : null}
      {answer && !answer.cannot.nothing ? (
        <View className="gap-3">
          <Overlay
            answer={answer}
            colours={colours}
            which={which}
            at={at}
            label={`What each place was taken for: ${OVERLAYS.find((o) => o.value === which)!.label.toLowerCase()}`}
            onTap={(event) => setAt(tapped(event))}
          />
          <Choice label="Map of" value={which} options={OVERLAYS} onChange={setWhich} />
          <View role="status">
            <Small>{anew ? 'Reading it anew.' : OVERLAY_WORDS[which]}</Small>
          </View>
          {which === 'cells' ? (
            <CellsRight
              at={at}
              answer={answer}
              taken={shown}
              onTell={(told) => {
                cell.onTell(shown.picture, told);
                setAt(undefined);
              }}
              onTakeBack={(nth) => cell.onTakeBack(shown.picture, nth)}
              onLeave={() => setAt(undefined)}
            />
          ) : (
            <PutRight
              at={at}
              taken={shown}
              colours={colours}
              onTell={(place) => {
                colour.onTell(shown.picture, place);
                setAt(undefined);
              }}
              onTakeBack={(nth) => colour.onTakeBack(shown.picture, nth)}
              onLeave={() => setAt(undefined)}
            />
          )}
        </View>
      ) : null}
      {told.length > 0 ? (
        <View className="gap-2">
          <Table columns={[...(previewColumn ? [previewColumn] : []), ...told]} colours={colours} />
          {!previewColumn && !computed.error ? (
            <Waiting what="Computing and reading the preview" />
          ) : null}
          {aslant.length > 0 ? (
            <Small>
              {`The ${aslant.map((of) => STATE_WORDS[of].toLowerCase()).join(' and the ')} picture is not squared up: once it is, it stands here too.`}
            </Small>
          ) : null}
          {colours.some(({ id }) => id === GROUND) ? null : (
            <Small>Bare ground looks like one of the mixes here, and counts as that.</Small>
          )}
          {findings(previewColumn, told, colours).map((finding) => (
            <Body key={finding}>{finding}</Body>
          ))}
        </View>
      ) : null}
      <Rest
        wet={squared.filter((one) => one.state === 'wet')}
        turn={over}
        plan={plan}
        preview={preview}
      />
      {answer && !answer.cannot.nothing ? (
        <View className="gap-2">
          <Reading read={answer.read} />
          <Small>{layoutWords(answer)}</Small>
        </View>
      ) : null}
      <Small>
        Read by half millimetres. A place counts as a colour where it is nearer to it than ΔE 14; a
        metallic looks like many colours, and two colours of the plan that are nearly alike are told
        apart badly. Shares are right to about three points.
      </Small>
    </View>
  );
}

const OVERLAY_WORDS: Readonly<Record<OverlayId, string>> = {
  colours: 'Each place in the colour it was taken for; striped where it is none of the plan’s.',
  blends: 'Striped: colours nobody planned. Black: those of them that are mud.',
  calm: 'In colour where it is calm: no other colour within 3 mm.',
  cells: 'Round patches of one colour in another, from 1.5 to 60 mm.',
};

const LIGHT_WORDS: Readonly<Record<ReadAnswer['light'], string>> = {
  white: 'Its light is known by what is white in it.',
  grey: 'Its light is known by the grey card in it.',
  table: 'Its light was reckoned from the plan’s own colours: an estimate.',
  'as-taken': 'Its light was reckoned from the plan’s own colours: an estimate.',
  computed: '',
};

/** What the photograph cannot tell, and by what its light is known. */
const Lacks = ({ answer: { cannot, light } }: { readonly answer: ReadAnswer }) => (
  <View role="status" className="gap-1">
    {cannot.says.map((says) => (
      <Body key={says}>{says}</Body>
    ))}
    <Small>{LIGHT_WORDS[light]}</Small>
  </View>
);
