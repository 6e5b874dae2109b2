import { View } from 'react-native';
import { Button } from '@/ui/button';
import { Body, Heading, Strong } from '@/ui/type';

const KEYS: readonly (readonly [string, string])[] = [
  ['1 to 8', 'go to a station'],
  ['↑ ↓', 'choose a layer or move'],
  ['Alt ↑ ↓', 'move it'],
  ['[ ]', 'less or more of a layer'],
  ['D', 'double a layer'],
  ['Delete', 'take it out'],
  ['O', 'find the best order'],
  ['P', 'play the moves of the preview'],
  ['Ctrl Z', 'undo'],
  ['Ctrl Y', 'redo'],
  ['?', 'show or hide these keys'],
];

/** The keys of the stations. */
export function KeySheet({ onClose }: { readonly onClose: () => void }) {
  return (
    <View role="dialog" aria-label="Keys" className="gap-2 border-2 border-ink bg-raised p-4">
      <Heading>Keys</Heading>
      {KEYS.map(([key, act]) => (
        <View key={key} className="flex-row gap-3">
          <Strong className="w-[84px]">{key}</Strong>
          <Body className="flex-1">{act}</Body>
        </View>
      ))}
      <Body>Single keys can be switched off in Settings.</Body>
      <Button className="self-start" label="Close" onPress={onClose} />
    </View>
  );
}
