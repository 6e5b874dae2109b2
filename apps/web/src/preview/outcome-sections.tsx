import type { Outcome } from '@potter/core/flow';
import type { Brief, Plan } from '@potter/core/plan';
import { useDeferredValue } from 'react';
import { View } from 'react-native';
import { Cells } from '@/picture/cells';
import { FilmFigures, OutcomeVitals, Shows } from '@/picture/figures';
import { Reading } from '@/picture/reading';
import { Heading } from '@/ui/type';
import { RangeSection } from '@/ways/range-section';

interface Props {
  readonly outcome: Outcome | undefined;
  readonly plan: Plan;
  readonly brief: Brief;
  /** What each pour is called, the first first. */
  readonly pours: readonly string[];
}

/** What came of a pour, section by section. They are a screen or two long: they come at leisure, so that nothing else waits for them. */
export function OutcomeSections({ outcome: latest, plan, brief, pours }: Props) {
  const outcome = useDeferredValue(latest);
  if (!outcome) return null;
  return (
    <>
      <RangeSection />
      <Shows outcome={outcome} plan={plan} brief={brief} />
      {outcome.read ? <Reading read={outcome.read} /> : null}
      {outcome.cells ? <Cells cells={outcome.cells} /> : null}
      <FilmFigures outcome={outcome} brief={brief} />
      {outcome.later?.map((later, n) => (
        <View key={later.stage} className="gap-3" role="group" aria-label={pours[n + 1]}>
          <Heading>{pours[n + 1]}, on what has dried</Heading>
          <OutcomeVitals outcome={later} brief={brief} onDried />
          {later.cells ? <Cells cells={later.cells} /> : null}
          <FilmFigures outcome={later} brief={brief} />
        </View>
      ))}
    </>
  );
}
