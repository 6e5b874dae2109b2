import { edit as edits, mayBeMini, miniPour } from '@potter/core/plan';
import { pourFileName, writePour } from '@potter/core/format';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { saveFile } from '@/data/files';
import { useDeletePlan } from '@/data/delete-plan';
import { useCreatePlan } from '@/data/plans';
import { dropped } from '@/data/dropped-plan';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/text-field';
import { MiniPours } from './mini-pours';
import { usePlan } from './plan-context';
import type { Station } from './stations';

/** What concerns the plan as a whole: its name, its file, its end. */
export function PlanMenu({ station }: { readonly station: Station['id'] }) {
  const { id, plan, edit } = usePlan();
  const router = useRouter();
  const remove = useDeletePlan();
  const create = useCreatePlan();
  return (
    <View className="mt-4 gap-3 border-t border-rule pt-4" role="group" aria-label="This plan">
      <TextField
        live
        label="Name of the plan"
        shown={plan.title}
        read={(text) =>
          text.trim() === ''
            ? { ok: false, fault: 'A plan needs a name.' }
            : { ok: true, value: text.trim().slice(0, 120) }
        }
        onChange={(title) => edit((p) => edits.rename(p, title), 'title')}
      />
      <MiniPours id={id} plan={plan} />
      <View className="flex-row flex-wrap gap-2">
        <Button label="Shopping list" onPress={() => router.push(`/shopping?plans=${id}`)} />
        <Button
          label="Save as file"
          onPress={() => saveFile(pourFileName(plan.title), writePour(plan))}
        />
        <Button
          label="Branch it"
          onPress={() =>
            create.mutate(edits.rename(plan, `${plan.title}, variant`.slice(0, 120)), {
              onSuccess: (made) => router.push(`/plans/${made.id}/${station}`),
            })
          }
        />
        {plan.miniOf === undefined && mayBeMini(plan) ? (
          <Button
            label="Mini pour"
            onPress={() =>
              create.mutate(miniPour(plan, id), {
                onSuccess: (made) => router.push(`/plans/${made.id}/${station}`),
              })
            }
          />
        ) : null}
        <Button label="Compare" onPress={() => router.push(`/plans/${id}/compare`)} />
        <Button
          label="Delete plan"
          onPress={() =>
            remove.mutate(id, {
              onSuccess: () => {
                dropped.set({ id, title: plan.title });
                router.replace('/plans');
              },
            })
          }
        />
      </View>
    </View>
  );
}
