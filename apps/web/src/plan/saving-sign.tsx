import { View } from 'react-native';
import type { Saving } from '@/data/plan-session';
import { Small } from '@/ui/type';
import { usePlan } from './plan-context';

const WORDS: Readonly<Record<Saving, string>> = {
  saved: 'saved',
  saving: 'saving',
  away: 'kept on this device',
  refused: 'not saved',
  branched: 'gone on as a copy',
};

/** A quiet sign of where the work is. */
export function SavingSign() {
  const { saving, why } = usePlan();
  return (
    <View
      role="status"
      aria-label={`Plan: ${WORDS[saving]}${why ? `. ${why}` : ''}`}
      className="max-w-[84px] px-1"
    >
      <Small className={saving === 'refused' || saving === 'branched' ? 'font-bold text-ink' : ''}>
        {WORDS[saving]}
      </Small>
    </View>
  );
}
