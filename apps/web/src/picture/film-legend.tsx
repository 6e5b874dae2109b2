import { FILM_GREYS, FILM_STEPS_UM } from '@potter/core/flow';
import { trim } from '@potter/core/quantity';
import { View } from 'react-native';
import { Small } from '@/ui/type';

/** The greys of the film map, thin to thick, each named by where it ends. */
export function FilmLegend() {
  return (
    <View role="img" aria-label="Darker is thicker; limits in mm" className="gap-1">
      <View className="flex-row border border-ink">
        {FILM_GREYS.map((grey) => (
          <View
            key={grey}
            className="h-[20px] flex-1"
            style={{ backgroundColor: `rgb(${grey}, ${grey}, ${grey})` }}
          />
        ))}
      </View>
      <View className="flex-row">
        {FILM_GREYS.map((grey, k) => (
          <View key={grey} className="flex-1 items-end">
            <Small>
              {FILM_STEPS_UM[k] === undefined ? 'mm' : trim(FILM_STEPS_UM[k] / 1000, 2)}
            </Small>
          </View>
        ))}
      </View>
    </View>
  );
}
