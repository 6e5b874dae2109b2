import { type Vessel, VESSELS, vesselOf } from '@potter/core/vessel';
import { useVessels } from '@/data/shelf';
import { Pick } from '@/ui/pick';

const measures = (v: Vessel): string => `${v.topMm} × ${v.bottomMm} × ${v.heightMm} mm`;

/** Which cup is mixed in: one of the shelf's or of the usual ones. */
export function MixedIn({
  vessel,
  onChange,
}: {
  readonly vessel: Vessel;
  readonly onChange: (vessel: Vessel) => void;
}) {
  const cups: readonly Vessel[] = [...useVessels().map((item) => item.vessel), ...VESSELS].filter(
    (v, i, all) => all.findIndex((other) => measures(other) === measures(v)) === i,
  );
  return (
    <Pick
      label="Mixed in"
      value={measures(vessel)}
      empty={vessel.name ?? measures(vessel)}
      options={cups.map((v) => ({ value: measures(v), label: v.name ?? measures(v) }))}
      onChange={(key) => {
        const cup = cups.find((v) => measures(v) === key);
        if (cup) onChange(vesselOf(cup));
      }}
    />
  );
}
