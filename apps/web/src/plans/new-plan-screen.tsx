import { newPlan } from '@potter/core/plan';
import { TECHNIQUES, type TechniqueId } from '@potter/core/technique';
import { plainSurface, type Shape, type Surface } from '@potter/core/surface';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useCreatePlan } from '@/data/plans';
import { useDraft } from '@/data/draft';
import { usePaints } from '@/data/shelf';
import { useSettings } from '@/data/settings';
import { PaintPicker } from '@/paints/paint-picker';
import { ShapeFields } from '@/surface/shape-fields';
import { SurfaceDrawing } from '@/drawing/surface-drawing';
import { Act, Button } from '@/ui/button';
import { Pick } from '@/ui/pick';
import { Screen } from '@/ui/screen';
import { Failed } from '@/ui/state';
import { Body, Heading, Small } from '@/ui/type';
import { freshSeed, nameFor } from './name-for';

const MOST_COLOURS = 12;
/** What most people begin with; its thin edges are painted too, everything else is set at its station. */
const START: Shape = { kind: 'rect', widthMm: 400, heightMm: 500 };

interface Draft {
  readonly surface: Surface;
  /** Ids on the shelf, in the order they were taken. */
  readonly paints: readonly string[];
  readonly technique: TechniqueId;
}
const startingDraft = (): Draft => ({
  surface: plainSurface(START, { edgeDepthMm: 18, coverEdges: true }),
  paints: [],
  technique: 'flip-cup',
});

const toggled = (ids: readonly string[], id: string): readonly string[] =>
  ids.includes(id) ? ids.filter((i) => i !== id) : ids.length < MOST_COLOURS ? [...ids, id] : ids;

/** A new plan asks three things and writes the rest. */
export function NewPlanScreen() {
  const router = useRouter();
  const create = useCreatePlan();
  const [draft, change, forget] = useDraft('new-plan', startingDraft);
  const { surface, technique } = draft;
  const shelf = usePaints();
  const paints = draft.paints.flatMap(
    (id) => shelf.find(({ paint }) => paint.id === id)?.paint ?? [],
  );
  const setSurface = (next: Surface) => change((now) => ({ ...now, surface: next }));
  const { preparation, landings, waiting } = useSettings();
  const missing = paints.length === 0 ? 'Choose at least one colour.' : undefined;

  function write() {
    if (paints.length === 0) return;
    const own = surface.support && preparation?.[surface.support];
    const plan = newPlan({
      title: nameFor(paints),
      surface,
      ...(own ? { preparation: own } : {}),
      ...(landings ? { landings } : {}),
      ...(waiting === undefined ? {} : { waiting }),
      paints,
      technique,
      seed: freshSeed(),
    });
    create.mutate(plan, {
      onSuccess: ({ id }) => {
        forget();
        router.replace(`/plans/${id}/colours`);
      },
    });
  }

  return (
    <Screen
      title="New plan"
      acts={
        <Button
          label="Cancel"
          onPress={() => {
            forget();
            router.replace('/plans');
          }}
        />
      }
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
          <Body>One to twelve.</Body>
          {shelf.length === 0 ? (
            <Act
              label="Tick the paints I own"
              onPress={() => router.push('/shelf/starter?then=/plans/new')}
            />
          ) : null}
          <PaintPicker
            chosen={paints.map((p) => p.id)}
            onToggle={(paint) =>
              change((now) => ({ ...now, paints: toggled(now.paints, paint.id) }))
            }
          />
        </View>
        <View className="gap-2">
          <Heading>3 Technique</Heading>
          <Pick
            label="How you pour"
            value={technique}
            options={Object.values(TECHNIQUES).map((t) => ({ value: t.id, label: t.name }))}
            onChange={(next) => change((now) => ({ ...now, technique: next as TechniqueId }))}
          />
          <Body>{TECHNIQUES[technique].says}</Body>
          <Body>{TECHNIQUES[technique].shows}</Body>
          <Small>In the plan, under Moves, all of them can be looked at as pictures of it.</Small>
        </View>
      </View>
    </Screen>
  );
}
