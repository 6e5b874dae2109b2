import { faultLine, type Fault } from '@potter/core/format';
import { View } from 'react-native';
import { Body, Small, Strong } from './type';

/** What is wrong with a file that was not opened, each fault with its place; nothing where nothing is. */
export function FileFaults({ faults }: { readonly faults: readonly Fault[] }) {
  if (faults.length === 0) return null;
  return (
    <View role="alert" className="border-l-[6px] border-l-ink bg-raised p-4">
      <Strong>This file was not opened, and nothing was changed.</Strong>
      <Body>{faults.length === 1 ? 'It has one fault:' : `It has ${faults.length} faults:`}</Body>
      {faults.map((fault) => (
        <Small key={faultLine(fault)} className="mt-1 text-ink">
          {faultLine(fault)}
        </Small>
      ))}
    </View>
  );
}
