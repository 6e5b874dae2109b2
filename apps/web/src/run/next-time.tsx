import type { Run } from '@potter/core/journal';
import { putRun } from '@/data/runs';
import { TextField } from '@/ui/text-field';

/** What the artist would do differently, kept with the pour. */
export function NextTime({ run }: { readonly run: Run }) {
  return (
    <TextField
      live
      label="What would you do differently next time?"
      lines={4}
      shown={run.note ?? ''}
      read={(text) => ({ ok: true, value: text.slice(0, 4000) })}
      onChange={(note) => putRun({ ...run, note })}
    />
  );
}
