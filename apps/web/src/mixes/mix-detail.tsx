import { STOCK_MEDIUMS } from '@potter/core/material';
import { CONSISTENCIES, type Consistency, MIX_SCHOOLS, type Mix, schoolOf } from '@potter/core/mix';
import { edit as edits, type MixBrief } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { View } from 'react-native';
import { useMaterials, useMediums } from '@/data/shelf';
import { At } from '@/plan/led';
import { usePlan } from '@/plan/plan-context';
import { Choice } from '@/ui/choice';
import { NameField } from '@/ui/name-field';
import { Pick } from '@/ui/pick';
import { Section } from '@/ui/section';
import { Body, Small } from '@/ui/type';
import { YesNo } from '@/ui/yes-no';
import { Additives } from './additives';
import { useConsistencyName } from './consistency-name';
import { MixPaints } from './mix-paints';
import { nameIn } from '@/data/name-in';
import { RatioField } from './ratio-field';
import { StagePictures } from './stage-pictures';
import { ThreeAnswers } from './three-answers';
import { WantedLine } from './wanted-line';
import { WeighTable } from './weigh-table';

interface Props {
  readonly index: number;
  readonly mix: Mix;
  readonly brief: MixBrief;
}

const NONE = 'none';
const OWN = 'own';

/** One mix: what goes in, what that makes of it, and how it is weighed. */
export function MixDetail({ index, mix, brief }: Props) {
  const { plan, edit } = usePlan();
  const nameOf = useConsistencyName();
  const shelf = useMediums();
  const ownMaterials = useMaterials();
  const inPlan = plan.mediums ?? [];
  const mediums = [...inPlan, ...shelf.map((item) => item.medium), ...STOCK_MEDIUMS].filter(
    (m, i, all) => all.findIndex((other) => other.id === m.id) === i,
  );
  const school = schoolOf(mix);
  const goodFor = school?.goodFor ?? STOCK_MEDIUMS.find((m) => m.id === mix.medium?.id)?.goodFor;
  const additives = mix.additives ?? [];
  return (
    <At about={`/mixes/${index}`} className="gap-4 px-2 pb-4 pt-1">
      <Pick
        label="Made as"
        value={school?.id ?? OWN}
        empty="A ratio of your own"
        options={MIX_SCHOOLS.filter((s) => !s.paints).map((s) => ({
          value: s.id,
          label: s.name,
        }))}
        onChange={(id) => {
          const chosen = MIX_SCHOOLS.find((s) => s.id === id);
          if (chosen) edit((p) => edits.makeBySchool(p, index, chosen));
        }}
      />
      {goodFor ? <Small className="-mt-2">{goodFor}</Small> : null}
      <RatioField index={index} mix={mix} />
      <Pick
        label="Medium"
        value={mix.medium?.id ?? NONE}
        options={[
          { value: NONE, label: 'None' },
          ...mediums.map((m) => ({ value: m.id, label: m.name })),
        ]}
        onChange={(id) =>
          edit((p) =>
            edits.setMedium(
              p,
              index,
              id === NONE ? undefined : id,
              shelf.map((item) => item.medium),
              ownMaterials.map((item) => item.material),
            ),
          )
        }
      />
      <MixPaints index={index} mix={mix} />
      <NameField
        label="What you call it"
        value={mix.name}
        onChange={(name) =>
          edit((p) => edits.setMix(p, index, (m) => ({ ...m, name })), `name ${mix.id}`)
        }
      />
      {edits.alikeIn(plan).length + (mix.ownWay ? 1 : 0) > 1 ? (
        <YesNo
          label="Changed with all the others"
          value={!mix.ownWay}
          onChange={(along) => edit((p) => edits.setOwnWay(p, index, !along))}
        />
      ) : null}
      <At about={`/mixes/${index}/consistency`}>
        <Choice<Consistency>
          label="How thick it should be"
          value={mix.consistency}
          options={CONSISTENCIES.map((c) => ({ value: c.step, label: nameOf(c.step) }))}
          onChange={(consistency) =>
            edit((p) => edits.setMix(p, index, (m) => ({ ...m, consistency })))
          }
        />
      </At>
      <WantedLine index={index} mix={mix} />
      <Body>
        It comes out <Body className="font-bold">{nameOf(brief.consistency)}</Body>
        {brief.consistency === mix.consistency
          ? ''
          : `: ${CONSISTENCIES.find((c) => c.step === brief.consistency)?.shows}`}
        . One millilitre weighs {trim(brief.densityGPerMl, 2)} g.
        {brief.waterShare > 0.01 ? ` ${trim(brief.waterShare * 100, 0)} % of it is water.` : ''}
      </Body>
      <ThreeAnswers mix={brief} paints={mix.paints.length} />
      <View>
        <Section
          title="Powders and oils"
          says={
            additives.length > 0
              ? additives.map((a) => nameIn(plan)(a.material)).join(', ')
              : 'None. Oil goes in last of all.'
          }
        >
          <Additives index={index} mix={mix} />
        </Section>
        <Section title="The colour in pictures" says="After each addition, and once it is dry.">
          <StagePictures mix={mix} />
        </Section>
      </View>
      <WeighTable
        title={`To make ${trim(brief.g, 1)} g`}
        steps={brief.steps}
        nameOf={nameIn(plan)}
      />
    </At>
  );
}
