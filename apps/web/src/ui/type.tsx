import type { ReactNode } from 'react';
import { Text, View } from 'react-native';

interface Props {
  readonly children: ReactNode;
  readonly className?: string;
  readonly lines?: number;
}

/** A screen's title. One a screen. */
export const Title = ({ children, className = '', lines }: Props) => (
  <Text
    role="heading"
    aria-level={1}
    numberOfLines={lines}
    className={`font-display text-24 text-ink ${className}`}
  >
    {children}
  </Text>
);

export const Heading = ({ children, className = '' }: Props) => (
  <Text role="heading" aria-level={2} className={`font-display text-20 text-ink ${className}`}>
    {children}
  </Text>
);

export const Body = ({ children, className = '', lines }: Props) => (
  <Text numberOfLines={lines} className={`font-body text-16 text-ink ${className}`}>
    {children}
  </Text>
);

export const Strong = ({ children, className = '', lines }: Props) => (
  <Text numberOfLines={lines} className={`font-bold text-16 text-ink ${className}`}>
    {children}
  </Text>
);

export const Small = ({ children, className = '', lines }: Props) => (
  <Text numberOfLines={lines} className={`font-body text-13 text-quiet ${className}`}>
    {children}
  </Text>
);

/** A figure people act on, its unit small beside it. */
export const Figure = ({
  figure,
  unit,
  className = '',
  size = 'text-20',
}: {
  figure: string;
  unit?: string;
  className?: string;
  size?: string;
}) => (
  <View className={`flex-row items-baseline ${className}`}>
    <Text className={`font-display ${size} text-ink`} style={{ fontVariant: ['tabular-nums'] }}>
      {figure}
    </Text>
    {unit ? <Text className="font-body text-13 text-quiet"> {unit}</Text> : null}
  </View>
);
