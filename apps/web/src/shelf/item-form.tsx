import type { ShelfItem } from '@potter/core/stock';
import { checkShelfItem } from '@potter/contract/check-shelf-item';
import { faultLine } from '@potter/core/format';
import { useRouter } from 'expo-router';
import { type ReactNode, useState } from 'react';
import { type FieldErrors, type Resolver, useController, useForm } from 'react-hook-form';
import { View } from 'react-native';
import { putOnShelf, takeOffShelf } from '@/data/shelf';
import { Button } from '@/ui/button';
import { Screen } from '@/ui/screen';
import { Small } from '@/ui/type';
import { takenOff } from './taken-off';

interface Form<T extends ShelfItem> {
  item: T;
}

interface Props<T extends ShelfItem> {
  readonly item: T;
  readonly isNew: boolean;
  readonly title: string;
  /** Whether it may be saved, beyond what the contract can tell; the form says why not. */
  readonly sound?: (value: T) => boolean;
  readonly children: (value: T, set: (next: T) => void) => ReactNode;
}

/** The frame of every shelf form: nothing is kept until it is saved, and the contract's own validator judges it, so that browser and server never disagree. */
export function ItemForm<T extends ShelfItem>({ item, isNew, title, sound, children }: Props<T>) {
  const router = useRouter();
  // As it was when the form was opened: what is not touched here goes on as the studio has it by then.
  const [opened] = useState(item);
  const { control, handleSubmit, formState } = useForm<Form<T>>({
    defaultValues: { item } as never,
    resolver: resolve as unknown as Resolver<Form<T>>,
  });
  const { field } = useController({ control, name: 'item' as never });
  const fault = (formState.errors as FieldErrors<Form<ShelfItem>>).item?.message;
  const toShelf = () => router.replace(`/shelf?kind=${item.kind}`);
  return (
    <Screen
      title={title}
      acts={<Button label="Back" onPress={toShelf} />}
      foot={
        <View className="flex-row items-center justify-end gap-3 border-t border-ink bg-raised p-3">
          {fault ? (
            <View role="alert" className="flex-1">
              <Small className="font-bold text-ink">{String(fault)}</Small>
            </View>
          ) : null}
          <Button
            primary
            label="Save"
            onPress={() =>
              void handleSubmit((value) => {
                if (sound && !sound(value.item)) return;
                putOnShelf(plain(value.item), isNew ? undefined : opened);
                toShelf();
              })()
            }
          />
        </View>
      }
    >
      <View className="gap-4 wide:max-w-[720px]">
        {children(field.value as T, field.onChange)}
        {isNew ? null : (
          <Button
            className="self-start"
            label="Take it off the shelf"
            onPress={() => {
              takeOffShelf(item);
              takenOff.set(item);
              toShelf();
            }}
          />
        )}
      </View>
    </Screen>
  );
}

/** What a form leaves undefined is not part of the document. */
const plain = <T,>(item: T): T => JSON.parse(JSON.stringify(item)) as T;

function resolve(values: Form<ShelfItem>) {
  const faults = checkShelfItem(plain(values.item));
  if (faults.length === 0) return { values, errors: {} };
  return {
    values: {},
    errors: { item: { type: 'contract', message: faults.map(faultLine).join('; ') } },
  };
}
