import { type LibraryVessel, type Vessel, VESSELS } from '@potter/core/vessel';
import { useVessels } from '@/data/shelf';
import { Pick } from '@/ui/pick';

/** The cup in use, among the library's and the artist's own. */
export function VesselPick({
  vessel,
  onChange,
}: {
  readonly vessel: Vessel;
  readonly onChange: (vessel: LibraryVessel | Vessel) => void;
}) {
  const own = useVessels();
  const all: readonly { readonly id: string; readonly vessel: LibraryVessel | Vessel }[] = [
    ...VESSELS.map((v) => ({ id: v.id, vessel: v })),
    ...own.map(({ id, vessel: v, outlet }) => ({
      id,
      vessel: { ...v, id, name: v.name ?? 'Own cup', ...(outlet === undefined ? {} : { outlet }) },
    })),
  ];
  // One's own of a size the library has is the same cup, and goes by one's own name.
  const once = all.filter((v, i) => !all.some((o, j) => j > i && same(o.vessel, v.vessel)));
  const chosen = once.find((v) => same(v.vessel, vessel));
  const options = once.map((v) => ({ value: v.id, label: v.vessel.name ?? 'Own cup' }));
  return (
    <Pick
      label="Cup"
      value={chosen?.id ?? 'this'}
      options={chosen ? options : [{ value: 'this', label: vessel.name ?? 'Own cup' }, ...options]}
      onChange={(id) => {
        const next = all.find((v) => v.id === id);
        if (next) onChange(next.vessel);
      }}
    />
  );
}

const same = (a: Vessel, b: Vessel): boolean =>
  a.topMm === b.topMm &&
  a.bottomMm === b.bottomMm &&
  a.heightMm === b.heightMm &&
  a.compartments === b.compartments;
