import { type Path, PATHS, type PathKind } from '@potter/core/surface';
import { Choice } from '@/ui/choice';

interface Props {
  readonly path: Path;
  readonly size: { readonly widthMm: number; readonly heightMm: number };
  readonly onChange: (path: Path) => void;
}

/** What kind of way it is: chosen, it begins as one that lies well, and the next line drawn is of that kind. */
export const WayKinds = ({ path, size, onChange }: Props) => (
  <Choice<PathKind>
    label="Way"
    value={path.kind}
    options={Object.values(PATHS).map(({ id, title }) => ({ value: id, label: title }))}
    onChange={(kind) => onChange(PATHS[kind].start(size))}
  />
);
