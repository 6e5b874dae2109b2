import type { ComponentType } from 'react';
import { type Part, usePart } from '@/data/part';
import { Waiting } from '@/ui/state';

/**
 * Makes routes of screens whose script comes when the first of them is opened. By a state of their own, not by `lazy`: what has once shown that it waits
 * React shows no sooner than 300 ms later.
 */
export function late<Screens>(
  part: Part<Screens>,
): (pick: (screens: Screens) => ComponentType) => ComponentType {
  return (pick) => {
    let Screen: ComponentType | undefined;
    return function Late() {
      const { it, fault } = usePart(part);
      if (fault) throw fault;
      if (!it) return <Waiting what="Opening" />;
      Screen ??= pick(it);
      return <Screen />;
    };
  };
}

/**
 * Makes bands and sections of the same script, for what is seldom there: nothing stands in their place until they are wanted and have come. What does
 * not come is sent for again with the next screen that needs it.
 * @param useWanted whether there is anything to show
 */
export function lateWhere<Screens>(
  part: Part<Screens>,
): (pick: (screens: Screens) => ComponentType, useWanted: () => boolean) => ComponentType {
  return (pick, useWanted) => {
    let Section: ComponentType | undefined;
    return function LateWhere() {
      const wanted = useWanted();
      const { it } = usePart(part, wanted);
      if (!it || !wanted) return null;
      Section ??= pick(it);
      return <Section />;
    };
  };
}
