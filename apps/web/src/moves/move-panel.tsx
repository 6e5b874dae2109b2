import { edit as edits, mlPerCm } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { shapeOf } from '@potter/core/surface';
import { CARE, careOf, type Move, secondsOf, VERBS } from '@potter/core/verb';
import ArrowDown from 'lucide-react-native/icons/arrow-down';
import ArrowUp from 'lucide-react-native/icons/arrow-up';
import Copy from 'lucide-react-native/icons/copy';
import Trash from 'lucide-react-native/icons/trash';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { PotFields } from '@/surface/pot-fields';
import { Act, IconButton } from '@/ui/button';
import { FieldInput } from '@/ui/field';
import { QuantityField } from '@/ui/quantity-field';
import { TextField } from '@/ui/text-field';
import { Small, Strong } from '@/ui/type';
import { YesNo } from '@/ui/yes-no';
import { LeftAfter } from './left-after';

interface Props {
  readonly index: number;
  readonly move: Move;
  readonly onMoved: (index: number | undefined) => void;
}

/** The chosen move: its values, its place in the list. */
export function MovePanel({ index, move, onMoved }: Props) {
  const { plan, brief, edit } = usePlan();
  const step = brief.run[index];
  const thick = mlPerCm(plan, brief, index);
  const verb = VERBS[move.verb];
  const set = (change: Partial<Move>, tag?: string) =>
    edit(
      (p) =>
        edits.setMove(
          p,
          index,
          // What is left empty is left out.
          (m) =>
            Object.fromEntries(
              Object.entries({ ...m, ...change }).filter(([, value]) => value !== undefined),
            ) as unknown as Move,
        ),
      tag && `move ${index} ${tag}`,
    );
  const shift = (to: number) => {
    edit((p) => edits.moveMove(p, index, to));
    onMoved(to);
  };
  const values = move as unknown as Readonly<Record<string, unknown>>;
  const pot = plan.budget.pots.findIndex((p) => edits.draws(move, p));
  // What is laid from a pot is as much as the pot holds: that is where it is told, and of which mix.
  const shown = Object.entries(verb.fields).filter(
    ([name]) => pot < 0 || values['filmMm'] !== undefined || (name !== 'mix' && name !== 'filmMm'),
  );
  return (
    <View
      className="gap-3 border-l-4 border-l-ink bg-raised p-3"
      role="group"
      aria-label={`Move ${index + 1}, ${verb.title}`}
    >
      <View className="flex-row items-center">
        <Strong className="flex-1">
          {index + 1} {verb.title}
        </Strong>
        <IconButton
          icon={ArrowUp}
          label="Earlier"
          disabled={index === 0}
          onPress={() => shift(index - 1)}
        />
        <IconButton
          icon={ArrowDown}
          label="Later"
          disabled={index === plan.moves.length - 1}
          onPress={() => shift(index + 1)}
        />
        <IconButton
          icon={Copy}
          label="Once more, the same"
          onPress={() => {
            edit((p) => edits.doubleMove(p, index));
            onMoved(index + 1);
          }}
        />
        <IconButton
          icon={Trash}
          label="Take the move out"
          onPress={() => {
            edit((p) => edits.removeMove(p, index));
            onMoved(undefined);
          }}
        />
      </View>
      <View className="flex-row flex-wrap items-end gap-3">
        {shown.map(([name, field]) => (
          <FieldInput
            key={name}
            field={field}
            value={values[name]}
            mixes={plan.mixes}
            cups={plan.cups}
            size={shapeOf(plan.surface.shape).bounds(plan.surface.shape)}
            onChange={(value, tag) => set({ [name]: value } as Partial<Move>, tag)}
          />
        ))}
        {verb.usualS === undefined ? null : (
          <QuantityField
            className="min-w-[120px] flex-1"
            label="Time"
            dimension="time"
            unit="s"
            value={secondsOf(move)}
            min={0}
            max={86400}
            onChange={(s) => set({ s }, 'seconds')}
          />
        )}
      </View>
      {edits.mayGoTogether(plan, index) ? (
        <YesNo
          label="Together with the move before"
          value={move.with !== undefined}
          onChange={(together) => edit((p) => edits.setTogether(p, index, together))}
        />
      ) : null}
      {pot >= 0 && values['filmMm'] === undefined ? <PotFields index={pot} /> : null}
      {thick === undefined ? null : <Small>{trim(thick, 2)} mL on a centimetre of its way.</Small>}
      {step ? <LeftAfter step={step} /> : null}
      <TextField
        live
        label="Note"
        shown={move.note ?? ''}
        read={(text) => ({ ok: true, value: text.slice(0, 1000) })}
        onChange={(note) =>
          edit(
            (p) =>
              edits.setMove(
                p,
                index,
                ({ note: _, ...m }) => (note === '' ? m : { ...m, note }) as Move,
              ),
            `move ${index} note`,
          )
        }
      />
      {careOf(move).map((code) => (
        <Small key={code} className="text-ink">
          {CARE[code]}
        </Small>
      ))}
      {move.own ? (
        <Act
          label="Let the technique write it again"
          onPress={() => {
            edit((p) => edits.releaseMove(p, index));
            onMoved(undefined);
          }}
        />
      ) : null}
    </View>
  );
}
