import { View } from 'react-native';
import type { Saving } from '@/data/plan-session';
import { useJustNow } from '@/ui/just-now';
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

/** Another device changed it too: what it did stands here beside what was done here. Said so long, ms. */
const TAKEN_IN = 'both saved';
const TAKEN_IN_MS = 6000;

/** A quiet sign of where the work is. */
export function SavingSign() {
  const { saving, kept, takenIn, why } = usePlan();
  const justTaken = useJustNow(takenIn, TAKEN_IN_MS) && saving === 'saved';
  const loud = saving === 'refused' || saving === 'branched' || (saving === 'away' && !kept);
  const words = justTaken ? TAKEN_IN : saving === 'away' && !kept ? UNKEPT : WORDS[saving];
  return (
    <View
      role="status"
      aria-label={`Plan: ${words}${why ? `. ${why}` : ''}`}
      className="max-w-[84px] px-1"
    >
      <Small className={loud || justTaken ? 'font-bold text-ink' : ''}>{words}</Small>
    </View>
  );
}
