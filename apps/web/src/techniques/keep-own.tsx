import { edit as edits } from '@potter/core/plan';
import { settableOf } from '@potter/core/technique';
import { useState } from 'react';
import { View } from 'react-native';
import { useOwnTechniques } from '@/data/own-techniques';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { NameField } from '@/ui/name-field';
import { Ticked } from '@/ui/ticked';
import { Body, Small, Strong } from '@/ui/type';

/** Keeps the moves a plan has come to as a technique of one's own: its name, and what of it can be set when it is taken again. */
export function KeepOwn() {
  const { plan, edit } = usePlan();
  const { keep } = useOwnTechniques();
  const [naming, setNaming] = useState(false);
  const [name, setName] = useState('');
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [kept, setKept] = useState<string>();
  if (!naming)
    return (
      <View className="gap-2">
        <Button
          className="self-start"
          label="Keep as my own technique"
          onPress={() => {
            setName(`${plan.title}`.slice(0, 60));
            setNaming(true);
            setKept(undefined);
          }}
        />
        {kept === undefined ? null : (
          <View role="status">
            <Strong>{kept} is kept, and offered for every plan.</Strong>
          </View>
        )}
      </View>
    );
  const settable = settableOf(edits.sequenceOf(plan, name).moves);
  return (
    <View
      className="gap-3 border-l-4 border-l-ink pl-3"
      role="group"
      aria-label="A technique of your own"
    >
      <NameField label="Its name" value={name} onChange={(next) => setName(next.slice(0, 60))} />
      <Body>
        Its moves are the ones this plan has now. On another surface they lie in proportion, from
        that plan’s own cups.
      </Body>
      <View className="gap-1">
        <Small>What can be set when it is taken again</Small>
        <View
          className="flex-row flex-wrap gap-2"
          role="group"
          aria-label="What can be set when it is taken again"
        >
          {settable.map(({ name: of, field }) => (
            <Ticked
              key={of}
              label={field.label}
              on={chosen.includes(of)}
              onPress={() =>
                setChosen(chosen.includes(of) ? chosen.filter((c) => c !== of) : [...chosen, of])
              }
            />
          ))}
        </View>
      </View>
      <View className="flex-row gap-2">
        <Button
          primary
          label="Keep it"
          onPress={() => {
            const sequence = edits.sequenceOf(
              plan,
              name.trim(),
              settable
                .filter((s) => chosen.includes(s.name))
                .map(({ moves, of }) => ({ moves: [...moves], field: of })),
            );
            keep({ began: plan.technique.id, sequence });
            edit((p) => edits.asSequence(p, sequence));
            setNaming(false);
            setKept(sequence.name);
          }}
        />
        <Button label="Leave it" onPress={() => setNaming(false)} />
      </View>
    </View>
  );
}
