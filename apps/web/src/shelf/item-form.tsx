import type { ShelfItem } from '@potter/core/stock';
import { checkShelfItem } from '@potter/contract/check-shelf-item';
import { faultLine } from '@potter/core/format';
import { useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { type FieldErrors, type Resolver, useController, useForm } from 'react-hook-form';
import { View } from 'react-native';
import { usePutOnShelf, useTakeOffShelf } from '@/data/shelf';
import { Button } from '@/ui/button';
import { Screen } from '@/ui/screen';
import { Failed } from '@/ui/state';
import { Small } from '@/ui/type';
import { takenOff } from './taken-off';

interface Form<T extends ShelfItem> {
  item: T;
}

interface Props<T extends ShelfItem> {
  readonly item: T;
  readonly isNew: boolean;
  readonly title: string;
  readonly children: (value: T, set: (next: T) => void) => ReactNode;
}

/** The frame of every shelf form: nothing is kept until it is saved, and the contract's own validator judges it, so that browser and server never disagree. */
export function ItemForm<T extends ShelfItem>({ item, isNew, title, children }: Props<T>) {
  const router = useRouter();
  const put = usePutOnShelf();
  const remove = useTakeOffShelf();
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
            label={put.isPending ? 'Saving…' : 'Save'}
            onPress={() =>
              void handleSubmit((value) => put.mutate(plain(value.item), { onSuccess: toShelf }))()
            }
          />
        </View>
      }
    >
      {put.isError ? <Failed what="It was not saved." why={put.error.message} /> : null}
      <View className="gap-4 wide:max-w-[720px]">
        {children(field.value as T, field.onChange)}
        {isNew ? null : (
          <Button
            className="self-start"
            label="Take it off the shelf"
            onPress={() =>
              remove.mutate(item, {
                onSuccess: () => {
                  takenOff.set(item);
                  toShelf();
                },
              })
            }
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
