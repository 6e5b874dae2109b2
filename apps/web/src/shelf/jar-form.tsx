import { FACTORS } from '@potter/core/factor';
import { mayBecome, type ShelfJar } from '@potter/core/stock';
import { CONSISTENCIES, type Consistency } from '@potter/core/mix';
import { useConsistencyName } from '@/mixes/consistency-name';
import { Choice } from '@/ui/choice';
import { DateField } from '@/ui/date-field';
import { HexField } from '@/ui/hex-field';
import { QuantityField } from '@/ui/quantity-field';
import { TextField } from '@/ui/text-field';
import { Body } from '@/ui/type';
import { YesNo } from '@/ui/yes-no';
import { ItemForm } from './item-form';
import { NameField } from '@/ui/name-field';

/** A jar of what was left over or ran off, and what it may become. */
export function JarForm({ item, isNew }: { readonly item: ShelfJar; readonly isNew: boolean }) {
  const nameOf = useConsistencyName();
  return (
    <ItemForm item={item} isNew={isNew} title={isNew ? 'New jar' : item.name}>
      {(value, set) => (
        <>
          <NameField value={value.name} onChange={(name) => set({ ...value, name })} />
          <QuantityField
            label="How much is in it"
            dimension="mass"
            unit="g"
            value={value.g}
            of={{ gPerMl: FACTORS['mixed-weighs'].usual }}
            min={0}
            max={1e6}
            onChange={(g) => set({ ...value, g })}
          />
          <YesNo
            label="Silicone in it"
            value={value.silicone}
            onChange={(silicone) => set({ ...value, silicone })}
          />
          <Choice<ShelfJar['from']>
            label="Where it comes from"
            value={value.from}
            options={[
              { value: 'run-off', label: 'Ran off' },
              { value: 'left-over', label: 'Left over' },
              { value: 'mixed', label: 'Mixed ahead' },
            ]}
            onChange={(from) => set({ ...value, from })}
          />
          <Choice<Consistency | ''>
            label="How thick it was"
            value={value.consistency ?? ''}
            options={CONSISTENCIES.map((c) => ({ value: c.step, label: nameOf(c.step) }))}
            onChange={(consistency) => consistency && set({ ...value, consistency })}
          />
          <HexField
            label="Its colour, stirred"
            value={value.hex}
            onChange={(hex) => set({ ...value, hex })}
          />
          <DateField
            day
            label="Since"
            value={value.madeOn}
            onChange={(day) => day && set({ ...value, madeOn: day.slice(0, 10) })}
          />
          {mayBecome(value.g, value.silicone).map((says) => (
            <Body key={says}>{says}</Body>
          ))}
          <TextField
            live
            label="Note"
            lines={2}
            shown={value.note ?? ''}
            read={(text) => ({ ok: true, value: text.slice(0, 400) })}
            onChange={(note) => set({ ...value, note: note || undefined })}
          />
        </>
      )}
    </ItemForm>
  );
}
