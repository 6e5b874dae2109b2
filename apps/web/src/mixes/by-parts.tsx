import { mixesInParts } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { View } from 'react-native';
import { nameIn } from '@/data/name-in';
import { usePlan } from '@/plan/plan-context';
import { Chip } from '@/ui/chip';
import { Section } from '@/ui/section';
import { Body, Small, Strong } from '@/ui/type';

const QUARTERS: Readonly<Record<string, string>> = { '0.25': '¼', '0.5': '½', '0.75': '¾' };

/** 2.25 as it is said: "2¼". */
const said = (parts: number): string => {
  const whole = Math.floor(parts);
  const rest = QUARTERS[trim(parts - whole, 2)] ?? '';
  return `${whole > 0 || rest === '' ? whole : ''}${rest}`;
};

/** Every mix in parts, by eye, on one list: for those who never weigh. */
export function ByParts() {
  const { plan, brief } = usePlan();
  const nameOf = nameIn(plan);
  return (
    <Section title="In parts, by eye" says="Every mix on one list, for those who never weigh.">
      <View role="list" aria-label="Mixes in parts">
        {mixesInParts(plan).map(({ mix, name, parts, oils }) => {
          const made = brief.mixes.find((m) => m.id === mix);
          return (
            <View
              role="listitem"
              key={mix}
              className="min-h-[52px] flex-row items-center gap-3 border-b border-rule py-2"
            >
              {made ? (
                <Chip size={32} overWhite={made.hexOverWhite} overBlack={made.hexOverBlack} />
              ) : null}
              <View className="min-w-0 flex-1">
                <Strong lines={2}>{name}</Strong>
                <Body>
                  {[
                    ...parts.map(({ id, parts: n, splash }) =>
                      splash ? `a splash of ${nameOf(id)}` : `${said(n)} ${nameOf(id)}`,
                    ),
                    ...oils.map(
                      ({ id, drops, perMl }) =>
                        `${trim(drops, 1)} drops of ${nameOf(id)} in ${trim(perMl, 0)} mL`,
                    ),
                  ].join(', ')}
                </Body>
              </View>
              {made ? <Small>{trim(made.ml, 0)} mL</Small> : null}
            </View>
          );
        })}
      </View>
    </Section>
  );
}
