import { Link, usePathname } from 'expo-router';
import { Text, View } from 'react-native';
import { useWide } from './use-wide';

/** The places of the studio, in the order of the bar. */
const PLACES = [
  { href: '/bench', label: 'Bench' },
  { href: '/plans', label: 'Plans' },
  { href: '/shelf', label: 'Shelf' },
  { href: '/trials', label: 'Trials' },
  { href: '/journal', label: 'Journal' },
] as const;

/** Bar along the bottom of a phone, rail at the left of a wide screen. */
export function Places() {
  const path = usePathname();
  const wide = useWide();
  return (
    <View
      role="navigation"
      aria-label="Places"
      className={
        wide
          ? 'w-[72px] bg-rail pt-6'
          : 'flex-row border-t border-outline bg-raised pb-[env(safe-area-inset-bottom)]'
      }
    >
      {PLACES.map(({ href, label }) => {
        const here = path.startsWith(href);
        const look = wide
          ? `h-[56px] w-full border-l-4 ${here ? 'border-l-rail bg-surround' : 'border-l-transparent'}`
          : `h-[64px] flex-1 ${here ? 'bg-ink' : ''}`;
        return (
          <Link
            key={href}
            href={href}
            aria-current={here ? 'page' : undefined}
            className={`${look} flex items-center justify-center no-underline`}
          >
            <Text
              className={`text-[13px] ${here ? 'font-bold' : 'font-body'} ${
                wide ? (here ? 'text-ink' : 'text-railink') : here ? 'text-surround' : 'text-ink'
              }`}
            >
              {label}
            </Text>
          </Link>
        );
      })}
    </View>
  );
}
