import { type Photograph as Taken, STATE_WORDS } from '@potter/core/piece';
import { View } from 'react-native';
import { Checkable } from '@/ui/checkable';
import { dayWords } from '@/ui/day-words';
import { localTime } from '@/ui/local-time';
import { Small } from '@/ui/type';
import { Photograph } from './photograph';

const SIDE = 76;

/** When and in what state a picture was taken: "Dry, Sat 28 Nov". */
export const takenWords = ({ state, at }: Pick<Taken, 'state' | 'at'>): string =>
  `${STATE_WORDS[state]}, ${dayWords(localTime(at))}`;

/** The pictures there are, one of them chosen. */
export function Thumbs({
  taken,
  chosen,
  onChoose,
}: {
  readonly taken: readonly Taken[];
  readonly chosen: string | undefined;
  readonly onChoose: (picture: string) => void;
}) {
  return (
    <View role="radiogroup" aria-label="Pictures" className="flex-row flex-wrap gap-2">
      {taken.map((photograph) => {
        const is = photograph.picture === chosen;
        return (
          <Checkable
            key={photograph.picture}
            role="radio"
            checked={is}
            label={takenWords(photograph)}
            onPress={() => onChoose(photograph.picture)}
            className={`border-b-4 pb-1 ${is ? 'border-b-ink' : 'border-b-transparent'}`}
          >
            <Photograph id={photograph.picture} size={SIDE} />
            <Small>{STATE_WORDS[photograph.state]}</Small>
          </Checkable>
        );
      })}
    </View>
  );
}
