import { newPlan } from '@potter/core/plan';
import type { Paint } from '@potter/core/paint';
import { TECHNIQUES, type TechniqueId } from '@potter/core/technique';
import { plainSurface, type Shape } from '@potter/core/surface';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useCreatePlan } from '@/data/plans';
import { useSettings } from '@/data/settings';
import { PaintPicker } from '@/shelf/paint-picker';
import { ShapeFields } from '@/surface/shape-fields';
import { SurfaceDrawing } from '@/surface/surface-drawing';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { Screen } from '@/ui/screen';
import { Failed } from '@/ui/state';
import { Body, Heading, Small } from '@/ui/type';
import { freshSeed, nameFor } from './name-for';

const MOST_COLOURS = 12;
/** What most people begin with; its thin edges are painted too, everything else is set at its station. */
const START: Shape = { kind: 'rect', widthMm: 400, heightMm: 500 };

/** A new plan asks three things and writes the rest. */
export function NewPlanScreen() {
  const router = useRouter();
  const create = useCreatePlan();
  const [surface, setSurface] = useState(() =>
    plainSurface(START, { edgeDepthMm: 18, coverEdges: true }),
  );
  const [paints, setPaints] = useState<readonly Paint[]>([]);
  const [technique, setTechnique] = useState<TechniqueId>('flip-cup');
  const { preparation } = useSettings();
  const missing = paints.length === 0 ? 'Choose at least one colour.' : undefined;

  function write() {
    if (paints.length === 0) return;
    const own = surface.support && preparation?.[surface.support];
    const plan = newPlan({
      title: nameFor(paints),
      surface,
      ...(own ? { preparation: own } : {}),
      paints,
      technique,
      seed: freshSeed(),
    });
    create.mutate(plan, { onSuccess: ({ id }) => router.replace(`/plans/${id}/colours`) });
  }

  return (
    <Screen
      title="New plan"
      acts={<Button label="Cancel" onPress={() => router.replace('/plans')} />}
      foot={
        <View className="flex-row items-center gap-3 border-t border-ink bg-raised p-3">
          <Small className="flex-1">
            {missing ?? (paints.length === 1 ? '1 colour' : `${paints.length} colours`)}
          </Small>
          <Button
            primary
            label={create.isPending ? 'Writing…' : 'Write the plan'}
            disabled={missing !== undefined || create.isPending}
            onPress={write}
          />
        </View>
      }
    >
      <View className="gap-6">
        {create.isError ? (
          <Failed what="The plan was not made." why={create.error.message} />
        ) : null}
        <View className="gap-2">
          <Heading>1 Surface</Heading>
          {surface.shape.kind === 'rect' ? null : <SurfaceDrawing surface={surface} hand />}
          <ShapeFields
            shape={surface.shape}
            onShape={(shape) => setSurface({ ...surface, shape })}
            onBlank={({ shape, edgeDepthMm, support }) =>
              setSurface({
                ...surface,
                shape,
                edgeDepthMm,
                ...(support === undefined ? {} : { support }),
              })
            }
          />
        </View>
        <View className="gap-2">
          <Heading>2 Colours</Heading>
          <Body>One to twelve from your shelf.</Body>
          <PaintPicker
            chosen={paints.map((p) => p.id)}
            onToggle={(paint) =>
              setPaints((now) =>
                now.some((p) => p.id === paint.id)
                  ? now.filter((p) => p.id !== paint.id)
                  : now.length < MOST_COLOURS
                    ? [...now, paint]
                    : now,
              )
            }
          />
        </View>
        <View className="gap-2">
          <Heading>3 Technique</Heading>
          <Choice<TechniqueId>
            label="How you pour"
            value={technique}
            options={Object.values(TECHNIQUES).map((t) => ({ value: t.id, label: t.name }))}
            onChange={setTechnique}
          />
          <Body>{TECHNIQUES[technique].says}</Body>
          <Body>{TECHNIQUES[technique].shows}</Body>
        </View>
      </View>
    </Screen>
  );
}
