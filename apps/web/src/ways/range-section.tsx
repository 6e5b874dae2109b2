import { WAYS } from '@potter/core/plan';
import { Coming } from '@/picture/coming';
import { Section } from '@/ui/section';
import { Ranges } from './ranges';
import { useWays } from './use-ways';

/** How far the figures of a preview range; computed once somebody asks. */
export const RangeSection = () => (
  <Section title="How far figures range" says="What to count on, and what is luck: nine hands">
    <Computed />
  </Section>
);

function Computed() {
  const { small, outcomes } = useWays();
  return (
    <>
      <Coming several={small} of={WAYS} />
      {outcomes.length > 1 ? <Ranges outcomes={outcomes} /> : null}
    </>
  );
}
