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

/** The studio is away and this device has no room or forbids it: only this page has the last edits. */
const UNKEPT = 'only on this page';

/** A quiet sign of where the work is. */
export function SavingSign() {
  const { saving, kept, why } = usePlan();
  const loud = saving === 'refused' || saving === 'branched' || (saving === 'away' && !kept);
  const words = saving === 'away' && !kept ? UNKEPT : WORDS[saving];
  return (
    <View
      role="status"
      aria-label={`Plan: ${words}${why ? `. ${why}` : ''}`}
      className="max-w-[84px] px-1"
    >
      <Small className={loud ? 'font-bold text-ink' : ''}>{words}</Small>
    </View>
  );
}
