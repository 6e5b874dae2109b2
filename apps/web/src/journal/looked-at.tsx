import type { Corners } from '@potter/core/photograph';
import { type Photograph as Taken, withCorners, withMark, withoutMark } from '@potter/core/piece';
import type { Plan } from '@potter/core/plan';
import { createElement, type MouseEvent, useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { Act, Button } from '@/ui/button';
import { TextField } from '@/ui/text-field';
import { Body, Small, Strong } from '@/ui/type';
import type { Change } from './piece-screen';
import { usePictureUrl } from './photograph';
import { ANYWHERE, SquareUp } from './square-up';
import { findPiece, outlineOf, useSquared } from './squared';
import { takenWords } from './thumbs';

/** Tallest a picture is shown, px. */
const TALLEST = 480;

/** One picture large, with what is pointed at on it. A tap points at a place; a word says what is there. */
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
  const [straight, setStraight] = useState(false);
  const [squaring, setSquaring] = useState(false);
  const [at, setAt] = useState<readonly [number, number]>();
  const [says, setSays] = useState('');
  const marks = photograph.marks ?? [];
  const point = (event: MouseEvent<HTMLImageElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    setAt([(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height]);
  };
  const keep = () => {
    if (!at || says.trim() === '') return;
    const place: [number, number] = [round(at[0]), round(at[1])];
    change((piece) => withMark(piece, photograph.picture, { at: place, says: says.trim() }));
    setAt(undefined);
    setSays('');
  };
  if (squaring && url)
    return (
      <Squaring
        url={url}
        photograph={photograph}
        plan={plan}
        onLeave={() => setSquaring(false)}
        onKeep={(corners) => {
          change((piece) => withCorners(piece, photograph.picture, corners));
          setSquaring(false);
          setStraight(true);
        }}
      />
    );
  if (straight && squared)
    return (
      <View className="gap-2">
        <View className="self-start">
          {createElement('img', {
            src: squared.url,
            alt: `${takenWords(photograph)}, squared up`,
            style: { display: 'block', maxWidth: '100%', maxHeight: TALLEST },
          })}
        </View>
        <Small>
          {squared.light === 'table'
            ? 'Squared up; its light is evened by the table round it, an estimate.'
            : 'Squared up; its light is as it was taken.'}
        </Small>
        <View className="flex-row flex-wrap gap-x-5">
          <Act label="As it was taken" onPress={() => setStraight(false)} />
          <Act label="Its corners" onPress={() => setSquaring(true)} />
        </View>
      </View>
    );
  return (
    <View className="gap-2">
      <View className="self-start">
        {url
          ? createElement('img', {
              src: url,
              alt: takenWords(photograph),
              onClick: point,
              style: {
                display: 'block',
                maxWidth: '100%',
                maxHeight: TALLEST,
                cursor: 'crosshair',
              },
            })
          : null}
        {[...marks.map(({ at: place }) => place), ...(at ? [at] : [])].map((place, i) => (
          <Dot key={i} at={place} label={i < marks.length ? String(i + 1) : '?'} />
        ))}
      </View>
      <View className="flex-row flex-wrap items-center justify-between gap-2">
        <Small>{takenWords(photograph)}. Tap a place to say what is there.</Small>
        <View className="flex-row flex-wrap gap-x-5">
          {photograph.corners ? (
            <Act label="Squared up" onPress={() => setStraight(true)} />
          ) : (
            <Act label="Square it up" onPress={() => setSquaring(true)} />
          )}
          <Act label="Take it out" name={`Take out: ${takenWords(photograph)}`} onPress={onOut} />
        </View>
      </View>
      {at ? (
        <View className="flex-row flex-wrap items-end gap-2">
          <TextField
            live
            className="min-w-[200px] flex-1"
            label="What is there"
            shown={says}
            read={(text) => ({ ok: true, value: text.slice(0, 200) })}
            onChange={setSays}
          />
          <Button primary label="Keep" disabled={says.trim() === ''} onPress={keep} />
          <Button label="Leave it" onPress={() => setAt(undefined)} />
        </View>
      ) : null}
      {marks.length > 0 ? (
        <View role="list" aria-label="Pointed at">
          {marks.map((mark, i) => (
            <View
              role="listitem"
              key={i}
              className="min-h-[44px] flex-row items-center gap-3 border-b border-rule"
            >
              <Strong>{i + 1}</Strong>
              <Body className="flex-1">{mark.says}</Body>
              <Act
                label="Take out"
                name={`Take out: ${mark.says}`}
                onPress={() => change((piece) => withoutMark(piece, photograph.picture, i))}
              />
            </View>
          ))}
        </View>
      ) : null}
    </View>
  );
}

/** The corners of a photograph, looked for as it opens where they are not known. */
function Squaring({
  url,
  photograph,
  plan,
  onKeep,
  onLeave,
}: {
  readonly url: string;
  readonly photograph: Taken;
  readonly plan: Plan | undefined;
  readonly onKeep: (corners: Taken['corners']) => void;
  readonly onLeave: () => void;
}) {
  const [corners, setCorners] = useState<Corners>(photograph.corners ?? ANYWHERE);
  const [busy, setBusy] = useState(false);
  const [says, setSays] = useState(LOOKED_FOR);
  const find = async () => {
    setBusy(true);
    setSays('Looking for the corners.');
    try {
      const found = await findPiece(photograph.picture, outlineOf(plan));
      if (found) setCorners(found);
      setSays(found ? FOUND : NOT_FOUND);
    } catch (error) {
      setSays(error instanceof Error ? error.message : String(error));
    }
    setBusy(false);
  };
  const known = photograph.corners !== undefined;
  const first = useRef(!known);
  useEffect(() => {
    if (!first.current) return;
    first.current = false;
    void find();
  });
  return (
    <SquareUp
      url={url}
      corners={corners}
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

/** To a thousandth of a side. */
const round = (share: number): number => Math.round(1000 * Math.min(1, Math.max(0, share))) / 1000;

const SIDE = 26;

/** A numbered place, its edge seen on dark and pale alike. */
const Dot = ({
  at: [x, y],
  label,
}: {
  readonly at: readonly [number, number];
  readonly label: string;
}) => (
  <View
    pointerEvents="none"
    className="absolute items-center justify-center border-2 border-white bg-black"
    style={{
      left: `${100 * x}%`,
      top: `${100 * y}%`,
      width: SIDE,
      height: SIDE,
      marginLeft: -SIDE / 2,
      marginTop: -SIDE / 2,
      borderRadius: SIDE / 2,
    }}
  >
    <Small className="font-bold !text-white">{label}</Small>
  </View>
);
