import { type ComponentType, useEffect, useState } from 'react';
import { Waiting } from '@/ui/state';

type Screens = typeof import('./screens');

let screens: Screens | undefined;

/**
 * Makes a route of a screen that lies behind a list: its script comes when the first of them is opened. By a state of its own, not by `lazy`: what has once
 * shown that it waits React shows no sooner than 300 ms later.
 */
export function behind(pick: (screens: Screens) => ComponentType): ComponentType {
  let Screen: ComponentType | undefined;
  return function Behind() {
    const [there, setThere] = useState(screens);
    const [fault, setFault] = useState<Error>();
    useEffect(() => {
      if (there) return;
      import('./screens').then(
        (all) => setThere((screens = all)),
        (error: unknown) => setFault(error instanceof Error ? error : new Error(String(error))),
      );
    }, [there]);
    // What a page does about a fault, it does about this one.
    if (fault) throw fault;
    if (!there) return <Waiting what="Opening" />;
    Screen ??= pick(there);
    return <Screen />;
  };
}
