import type { Photograph as Taken } from '@potter/core/piece';
import type { Plan } from '@potter/core/plan';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { drawPicture } from '@/picture/draw-picture';
import { Pick } from '@/ui/pick';
import { Waiting } from '@/ui/state';
import { Small } from '@/ui/type';
import { usePictureUrl } from './photograph';
import { useSquared } from './squared';
import { SlideOver } from './slide-over';
import { takenWords } from './thumbs';
import { usePreviewOf } from '@/picture/use-preview-of';

const PREVIEW = 'preview';

/** Two pictures of a piece in one frame, one slid over the other; its plan's preview is one of them. */
export function BesidePlan({
  taken,
  plan,
}: {
  readonly taken: readonly Taken[];
  readonly plan: Plan | undefined;
}) {
  const last = taken.at(-1)!;
  const [left, setLeft] = useState(plan ? PREVIEW : taken[0]!.picture);
  const [right, setRight] = useState(last.picture);
  const options = [
    ...(plan ? [{ value: PREVIEW, label: 'The preview of its plan' }] : []),
    ...taken.map((photograph) => ({ value: photograph.picture, label: takenWords(photograph) })),
  ];
  const wanted = left === PREVIEW || right === PREVIEW;
  const preview = usePreviewOf(wanted ? plan : undefined);
  const previewUrl = useDrawn(preview?.picture);
  const urlOf = {
    left: useUrl(left, taken, plan, previewUrl),
    right: useUrl(right, taken, plan, previewUrl),
  };
  const aslant = [left, right].some((value) =>
    taken.some(({ picture, corners }) => picture === value && !corners),
  );
  const labelOf = (value: string) => options.find((o) => o.value === value)?.label ?? '';
  return (
    <View className="gap-3">
      <View className="flex-row flex-wrap gap-3">
        <View className="min-w-[150px] flex-1">
          <Pick label="Left" value={left} options={options} onChange={setLeft} />
        </View>
        <View className="min-w-[150px] flex-1">
          <Pick label="Right" value={right} options={options} onChange={setRight} />
        </View>
      </View>
      {wanted && !preview ? <Waiting what="Computing the preview of its plan" /> : null}
      {urlOf.left && urlOf.right ? (
        <SlideOver
          left={{ url: urlOf.left, says: labelOf(left) }}
          right={{ url: urlOf.right, says: labelOf(right) }}
        />
      ) : null}
      <Small>
        Both fill one frame.
        {aslant ? ' A picture that is not squared up lies a little off: square it up above.' : ''}
      </Small>
    </View>
  );
}

/** Where a side is shown from: squared up where its corners are known. */
function useUrl(
  value: string,
  taken: readonly Taken[],
  plan: Plan | undefined,
  preview: string | undefined,
): string | undefined {
  const photograph = taken.find(({ picture }) => picture === value);
  const squared = useSquared(photograph ?? {}, plan);
  const url = usePictureUrl(value);
  return photograph ? (photograph.corners ? squared?.url : url) : preview;
}

/** A computed picture as an address an image takes; let go with it. */
function useDrawn(picture: Parameters<typeof drawPicture>[1] | undefined): string | undefined {
  const [url, setUrl] = useState<string>();
  useEffect(() => {
    if (!picture) return;
    const canvas = document.createElement('canvas');
    drawPicture(canvas, picture);
    let made: string | undefined;
    canvas.toBlob((blob) => {
      if (!blob) return;
      made = URL.createObjectURL(blob);
      setUrl(made);
    });
    return () => {
      if (made) URL.revokeObjectURL(made);
    };
  }, [picture]);
  return url;
}
