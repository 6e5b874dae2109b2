import { edit as edits, preparationOf } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import type { Surface } from '@potter/core/surface';
import { TASKS } from '@potter/core/verb';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { At, useLed } from '@/plan/led';
import { usePlan } from '@/plan/plan-context';
import { StationScreen } from '@/plan/station-screen';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { NumberField, QuantityField } from '@/ui/quantity-field';
import { Section } from '@/ui/section';
import { Body, Heading } from '@/ui/type';
import { Amounts } from './amounts';
import { Pots } from './pots';
import { Preparation } from './preparation';
import { ReachOfPaint } from './reach';
import { SchoolFields } from './school-fields';
import { Schools } from './schools';
import { SetAside } from './set-aside';
import { ShapeFields } from './shape-fields';
import { SupportFields } from './support-fields';
import { SurfaceDrawing } from '@/drawing/surface-drawing';
import { USE_WORDS } from './use-words';

export function SurfaceStation() {
  const { id, plan, brief, edit } = usePlan();
  const { surface } = plan;
  const change = (next: Partial<Surface>, tag?: string) =>
    edit((p) => edits.setSurface(p, next), tag);
  const router = useRouter();
  const { use, absorbency, support } = surface;
  const made = useLed('/surface/absorbency', '/surface/use', '/surface/over');
  return (
    <StationScreen station="surface">
      <SurfaceDrawing surface={surface} hand />
      <ShapeFields
        shape={surface.shape}
        onShape={(shape, tag) => change({ shape }, tag)}
        onBlank={({ shape, edgeDepthMm, support: made }) =>
          change({ shape, edgeDepthMm, ...(made ? { support: made } : {}) })
        }
      />
      <View className="flex-row gap-3">
        <NumberField
          className="flex-1"
          label="Pieces"
          value={surface.pieces}
          min={1}
          max={500}
          whole
          onChange={(pieces) => change({ pieces }, 'pieces')}
        />
        <At about="/surface/edgeDepthMm" className="flex-1">
          <QuantityField
            label="Edge depth"
            dimension="length"
            unit="mm"
            value={surface.edgeDepthMm}
            min={0}
            max={200}
            onChange={(edgeDepthMm) => change({ edgeDepthMm }, 'edge')}
          />
        </At>
      </View>
      <View className="flex-row gap-3">
        <View className="flex-1">
          <Choice
            label="Edges"
            value={surface.coverEdges ? 'cover' : 'bare'}
            options={[
              { value: 'cover', label: 'Cover' },
              { value: 'bare', label: 'Leave' },
            ]}
            onChange={(value) => change({ coverEdges: value === 'cover' })}
          />
        </View>
        <View className="flex-1">
          <Choice
            label="Rim"
            value={surface.rim.kind}
            options={[
              { value: 'open', label: 'Open' },
              { value: 'raised', label: 'Raised' },
            ]}
            onChange={(kind) =>
              change({ rim: kind === 'open' ? { kind } : { kind, heightMm: 12 } })
            }
          />
        </View>
      </View>
      {surface.rim.kind === 'raised' ? (
        <QuantityField
          label="Rim height"
          dimension="length"
          unit="mm"
          value={surface.rim.heightMm}
          min={1}
          max={200}
          onChange={(heightMm) => change({ rim: { kind: 'raised', heightMm } }, 'rim')}
        />
      ) : null}
      <Section
        title="What it is made of"
        shown={made}
        says={[support, absorbency, USE_WORDS[use].toLowerCase()].filter(Boolean).join(', ')}
      >
        <SupportFields />
      </Section>
      <Section
        title="Before the pour"
        says={preparationOf(plan)
          .map((t) => TASKS[t].title.toLowerCase())
          .join(', ')}
      >
        <Preparation />
        <Button
          className="self-start"
          label="Template at true size"
          onPress={() => router.push(`/plans/${id}/template`)}
        />
      </Section>
      <Heading>How much paint</Heading>
      <At about="/budget" className="gap-4">
        <Schools />
        <SchoolFields />
        <Amounts />
      </At>
      <SetAside />
      <Pots />
      <Section title="I have so much paint" says="What size does it reach, and how thin?">
        <ReachOfPaint />
      </Section>
      <Section
        title="Tilt by weight"
        says={
          surface.weighsG === undefined
            ? 'Weigh the blank, and tilt until the scale reads right.'
            : `Tilt until it reads ${trim(surface.weighsG + brief.stays.staysG, 0)} g.`
        }
      >
        <QuantityField
          label="One blank weighs"
          dimension="mass"
          unit="g"
          value={surface.weighsG ?? 0}
          min={0}
          max={1e5}
          onChange={(g) =>
            edit((p) => {
              const { weighsG: _, ...rest } = p.surface;
              return edits.setWholeSurface(p, g > 0 ? { ...rest, weighsG: g } : rest);
            }, 'weighs')
          }
        />
        <Body>
          {brief.stays.from === 'preview' ? 'By the preview' : 'About'}{' '}
          {trim(brief.stays.staysG, 0)} g of paint stay on it
          {surface.weighsG === undefined
            ? '.'
            : `: tilt until it reads ${trim(surface.weighsG + brief.stays.staysG, 0)} g.`}
        </Body>
      </Section>
    </StationScreen>
  );
}
