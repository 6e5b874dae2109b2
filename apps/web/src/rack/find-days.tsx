import { findDays, type Found, localOf } from '@potter/core/rack';
import { useState } from 'react';
import { View } from 'react-native';
import { pouredOn, useChangePlans } from '@/data/change-plans';
import { Button } from '@/ui/button';
import { Failed } from '@/ui/state';
import { Body, Heading, Small, Strong } from '@/ui/type';
import { UndoBar } from '@/ui/undo-bar';
import type { OnRack } from './on-rack';
import { timeAt } from './when';

/** Days for the plans that have none: found together, looked at, and set at once; set days can be taken back. */
export function FindDays({ pieces, house, now }: OnRack) {
  const change = useChangePlans();
  const [found, setFound] = useState<Found>();
  const [set, setSet] = useState<Found['pours']>();
  const [failed, setFailed] = useState<string>();
  const without = pieces.filter((p) => !p.poured && p.pour === undefined);
  const tell = (done: Promise<void>, then: () => void) => {
    setFailed(undefined);
    done.then(then, (error: unknown) =>
      setFailed(error instanceof Error ? error.message : String(error)),
    );
  };
  return (
    <View className="gap-2">
      {failed ? <Failed what="The days were not set." why={failed} /> : null}
      {set ? (
        <UndoBar
          says={set.length === 1 ? '1 plan has a day now.' : `${set.length} plans have a day now.`}
          undo="Take them back"
          onUndo={() =>
            tell(
              change(set.map(({ piece }) => ({ id: piece.plan, change: pouredOn(undefined) }))),
              () => setSet(undefined),
            )
          }
        />
      ) : null}
      {without.length > 0 ? (
        <>
          <Heading>Without a day</Heading>
          <Body>
            {without.length === 1 ? '1 plan has' : `${without.length} plans have`} no day yet. Those
            that are promised come first, each as soon as there are hands and room for it.
          </Body>
          {found ? (
            <>
              <View role="list" aria-label="Days found">
                {found.pours.map(({ piece, pour }) => (
                  <View
                    role="listitem"
                    key={piece.id}
                    className="min-h-[44px] flex-row items-center gap-3 border-b border-rule py-2"
                  >
                    <Strong className="flex-1">{piece.title}</Strong>
                    <Body>{timeAt(pour)}</Body>
                  </View>
                ))}
                {found.without.map((piece) => (
                  <View
                    role="listitem"
                    key={piece.id}
                    className="min-h-[44px] flex-row items-center gap-3 border-b border-rule py-2"
                  >
                    <Strong className="flex-1">{piece.title}</Strong>
                    <Small className="!text-16">
                      {piece.due === undefined ? 'no room for it' : 'no day in time'}
                    </Small>
                  </View>
                ))}
              </View>
              <View className="flex-row flex-wrap gap-2">
                <Button
                  primary
                  label="Set these days"
                  disabled={found.pours.length === 0}
                  onPress={() =>
                    tell(
                      change(
                        found.pours.map(({ piece, pour }) => ({
                          id: piece.plan,
                          change: pouredOn(localOf(pour)),
                        })),
                      ),
                      () => {
                        setSet(found.pours);
                        setFound(undefined);
                      },
                    )
                  }
                />
                <Button label="Leave it" onPress={() => setFound(undefined)} />
              </View>
            </>
          ) : (
            <Button
              className="self-start"
              label="Find days"
              onPress={() => {
                setSet(undefined);
                setFound(findDays(pieces, house, now));
              }}
            />
          )}
        </>
      ) : null}
    </View>
  );
}
