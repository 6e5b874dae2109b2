import { Link } from 'expo-router';
import { Text, View } from 'react-native';
import Svg, { Line, Rect } from 'react-native-svg';
import { useTokens } from '@/ui/tokens';
import { type Station, STATIONS } from './stations';

const MINOR_TICKS = 5;

/** The walk as a ruler along the bottom: a numbered station to each major tick, the current one inked and named. */
export function StationStrip({ id, here }: { readonly id: string; readonly here: Station['id'] }) {
  const tokens = useTokens();
  return (
    <View
      role="navigation"
      aria-label="Stations"
      className="flex-row border-t border-ink bg-raised pb-[env(safe-area-inset-bottom)]"
    >
      {STATIONS.map((station, index) => {
        const current = station.id === here;
        return (
          <Link
            key={station.id}
            href={`/plans/${id}/${station.id}`}
            replace
            aria-current={current ? 'step' : undefined}
            aria-label={`${index + 1} ${station.name}`}
            className={`h-[72px] flex-1 no-underline ${current ? 'bg-ink' : ''}`}
          >
            <View className="w-full items-center">
              <Ticks ink={current ? tokens.surround : tokens.ink} first={index === 0} />
              <Text
                className={`mt-1 font-display text-20 ${current ? 'text-surround' : 'text-ink'}`}
              >
                {index + 1}
              </Text>
              <Text
                className={`text-13 ${current ? 'font-bold text-surround' : 'font-body text-ink'}`}
              >
                {station.name}
              </Text>
            </View>
          </Link>
        );
      })}
    </View>
  );
}

/** One field of the ruler; its left end carries the major tick. */
function Ticks({ ink, first }: { readonly ink: string; readonly first: boolean }) {
  return (
    <Svg width="100%" height={14} viewBox="0 0 100 14" preserveAspectRatio="none" aria-hidden>
      {Array.from({ length: MINOR_TICKS }, (_, i) => (
        <Line
          key={i}
          x1={(i * 100) / MINOR_TICKS}
          x2={(i * 100) / MINOR_TICKS}
          y1={0}
          y2={i === 0 ? 14 : 7}
          stroke={ink}
          strokeWidth={i === 0 && !first ? 1.5 : 1}
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {first ? <Rect x={0} y={0} width={0} height={14} fill={ink} /> : null}
    </Svg>
  );
}
