import { View } from 'react-native';
import { Button } from './button';
import { Body } from './type';

/** Says what is gone and offers it back: undo instead of "are you sure". */
export function UndoBar({
  says,
  undo = 'Put it back',
  onUndo,
}: {
  readonly says: string;
  readonly undo?: string;
  readonly onUndo: () => void;
}) {
  return (
    <View role="status" className="mb-3 flex-row items-center gap-3 bg-raised p-3">
      <Body className="flex-1">{says}</Body>
      <Button label={undo} onPress={onUndo} />
    </View>
  );
}
