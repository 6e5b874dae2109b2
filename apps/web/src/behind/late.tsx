import { type ComponentType, useEffect, useState } from 'react';
import { Waiting } from '@/ui/state';

/**
 * Makes routes of screens whose script comes when the first of them is opened. By a state of their own, not by `lazy`: what has once shown that it waits
 * React shows no sooner than 300 ms later.
 * @param load brings them; where it fails, that is a fault of the page
 */
export function late<Screens>(
  load: () => Promise<Screens>,
): (pick: (screens: Screens) => ComponentType) => ComponentType {
  let screens: Screens | undefined;
  return (pick) => {
    let Screen: ComponentType | undefined;
    return function Late() {
      const [there, setThere] = useState(screens);
      const [fault, setFault] = useState<Error>();
      useEffect(() => {
        if (there) return;
        load().then(
          (all) => setThere((screens = all)),
          (error: unknown) => setFault(error instanceof Error ? error : new Error(String(error))),
        );
      }, [there]);
      if (fault) throw fault;
      if (!there) return <Waiting what="Opening" />;
      Screen ??= pick(there);
      return <Screen />;
    };
  };
}
