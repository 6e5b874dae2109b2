import { USUAL_NOTES } from '@potter/core/stock';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/text-field';
import { Small } from '@/ui/type';

/** Something seen of a paint that no figure tells: a word that is tapped, or one's own. */
export function NotePaint({ onNote }: { readonly onNote: (says: string) => void }) {
  const [own, setOwn] = useState('');
  return (
    <View className="gap-2">
      <Small>Something else was seen of it:</Small>
      <View className="flex-row flex-wrap gap-2">
        {USUAL_NOTES.map((says) => (
          <Button key={says} label={says} name={`Note: ${says}`} onPress={() => onNote(says)} />
        ))}
      </View>
      <View className="flex-row items-end gap-2">
        <TextField
          live
          className="flex-1"
          label="In your own words"
          shown={own}
          read={(text) => ({ ok: true, value: text.slice(0, 200) })}
          onChange={setOwn}
        />
        <Button
          label="Note it"
          disabled={own.trim() === ''}
          onPress={() => {
            onNote(own.trim());
            setOwn('');
          }}
        />
      </View>
    </View>
  );
}
