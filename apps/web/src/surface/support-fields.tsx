import { edit as edits, setPreparation } from '@potter/core/plan';
import { type Support, SUPPORTS, type Surface } from '@potter/core/surface';
import { At } from '@/plan/led';
import { usePlan } from '@/plan/plan-context';
import { useSettings } from '@/data/settings';
import { useRouter } from 'expo-router';
import { Act } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { GroundField } from './ground-field';
import { USE_WORDS } from './use-words';

/** What the surface is made of, what lies on it, and what it is for. */
export function SupportFields() {
  const { plan, edit } = usePlan();
  const settings = useSettings();
  const router = useRouter();
  const { surface } = plan;
  const change = (next: Partial<Surface>) => edit((p) => edits.setSurface(p, next));
  return (
    <>
      <Choice<Support | 'unsaid'>
        label="Made of"
        value={surface.support ?? 'unsaid'}
        options={SUPPORTS.map((s) => ({ value: s, label: s }))}
        onChange={(support) => {
          if (support === 'unsaid') return;
          const own = settings.preparation?.[support];
          edit((p) => {
            const set = edits.setSurface(p, { support });
            return own ? setPreparation(set, own) : set;
          });
        }}
      />
      <At about="/surface/absorbency">
        <Choice
          label="How thirsty it is"
          value={surface.absorbency}
          options={[
            { value: 'sealed', label: 'Sealed' },
            { value: 'primed', label: 'Primed' },
            { value: 'raw', label: 'Raw' },
          ]}
          onChange={(absorbency) => change({ absorbency })}
        />
      </At>
      <GroundField />
      <At about="/surface/use">
        <Choice<Surface['use']>
          label="What it is for"
          value={surface.use}
          options={(Object.keys(USE_WORDS) as Surface['use'][]).map((value) => ({
            value,
            label: USE_WORDS[value],
          }))}
          onChange={(use) => change({ use })}
        />
      </At>
      <Choice<NonNullable<Surface['back']>>
        label="Its back"
        value={surface.back ?? 'leave'}
        options={[
          { value: 'tape', label: 'Tape it' },
          { value: 'sand', label: 'Sand it later' },
          { value: 'leave', label: 'Leave it' },
        ]}
        onChange={(back) => change({ back })}
      />
      <At about="/surface/over">
        <Choice
          label="Poured over an old piece"
          value={surface.over?.silicone ?? 'new'}
          options={[
            { value: 'new', label: 'No' },
            { value: 'no', label: 'Yes, no silicone' },
            { value: 'yes', label: 'Yes, with silicone' },
            { value: 'unknown', label: 'Yes, I don’t know' },
          ]}
          onChange={(silicone) =>
            edit((p) => {
              if (silicone !== 'new')
                return edits.setSurface(p, { over: { ...p.surface.over, silicone } });
              const { over: _, ...fresh } = p.surface;
              return edits.setWholeSurface(p, fresh);
            })
          }
        />
        {surface.over?.run === undefined ? null : (
          <Act
            label="What lies under it, in the journal"
            onPress={() => router.push(`/journal/${surface.over!.run!}`)}
          />
        )}
      </At>
    </>
  );
}
