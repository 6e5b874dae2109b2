import type { Surface } from '@potter/core/surface';
import { Image, Pressable, View } from 'react-native';
import Svg, { Circle } from 'react-native-svg';
import { Face } from '@/drawing/face';
import { type BoardView, fitted, toMm, toPx } from '@/drawing/view';
import type { Shown } from '@/picture/use-key-pictures';
import { PlaceFields } from '@/ui/place-fields';

/** Where the picture of a piece lies on its drawing. */
export function OnFace({
  view,
  widthMm,
  heightMm,
  uri,
}: {
  readonly view: BoardView;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly uri: string;
}) {
  return (
    <Image
      source={{ uri }}
      resizeMode="stretch"
      style={{
        position: 'absolute',
        left: view.left,
        top: view.top,
        width: widthMm * view.scale,
        height: heightMm * view.scale,
      }}
    />
  );
}

const ROOM = { width: 326, height: 190 } as const;
const BESIDE_PX = 8;

/** A place on the piece: pressed on its picture, or said in numbers. */
export function PlaceOnPiece({
  surface,
  face,
  picture,
  at,
  onPlace,
}: {
  readonly surface: Surface;
  readonly face: { readonly widthMm: number; readonly heightMm: number };
  readonly picture: Shown | undefined;
  readonly at: readonly [number, number] | undefined;
  readonly onPlace: (atMm: [number, number]) => void;
}) {
  const view = fitted(ROOM, face, BESIDE_PX);
  const px = at && toPx(view, at);
  const held = ([x, y]: readonly [number, number]): [number, number] => [
    Math.round(Math.min(face.widthMm, Math.max(0, x))),
    Math.round(Math.min(face.heightMm, Math.max(0, y))),
  ];
  const [x, y] = at ?? [face.widthMm / 2, face.heightMm / 2];
  return (
    <View className="gap-2">
      <Pressable
        role="button"
        aria-label="Where on the piece"
        onPress={({ nativeEvent }) => {
          const { offsetX, offsetY } = nativeEvent as unknown as MouseEvent;
          onPlace(held(toMm(view, [offsetX, offsetY])));
        }}
        style={ROOM}
      >
        {/* Pressed through: places are told from the corner of the whole. */}
        <View style={{ ...ROOM, pointerEvents: 'none' }}>
          <Svg {...ROOM}>
            <Face surface={surface} view={view} />
          </Svg>
          {picture === undefined ? null : <OnFace view={view} {...face} {...picture} />}
          {px ? (
            <View className="absolute left-0 top-0">
              <Svg {...ROOM}>
                <Circle cx={px[0]} cy={px[1]} r={9} fill="none" stroke="#ffffff" strokeWidth={5} />
                <Circle cx={px[0]} cy={px[1]} r={9} fill="none" stroke="#161616" strokeWidth={2} />
              </Svg>
            </View>
          ) : null}
        </View>
      </Pressable>
      <PlaceFields {...face} at={[x, y]} onPlace={(...mm) => onPlace(held(mm))} />
    </View>
  );
}
