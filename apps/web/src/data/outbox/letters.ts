import type { Settings } from '@potter/contract';
import type { Run } from '@potter/core/journal';
import type { Posted } from './letter';

const runPath = (id: string) => `/api/runs/${encodeURIComponent(id)}`;

/** A pour as it is now. */
export const runLetter = (run: Run): Posted => ({
  about: `run.${run.id}`,
  method: 'PUT',
  path: runPath(run.id),
  body: run,
  names: `The pour of ${run.plan.title}`,
});

/** A pour struck out. */
export const strikeLetter = (run: Run): Posted => ({
  about: `run.${run.id}`,
  method: 'DELETE',
  path: runPath(run.id),
  names: `Striking out the pour of ${run.plan.title}`,
});

export const picturePath = (id: string): string => `/api/pictures/${encodeURIComponent(id)}`;

/** A picture under the id that documents name it by. */
export const pictureLetter = (id: string, picture: Blob): Posted => ({
  about: `picture.${id}`,
  method: 'PUT',
  path: picturePath(id),
  body: picture,
  names: 'A picture',
});

/** How the studio likes things. */
export const settingsLetter = (settings: Settings): Posted => ({
  about: 'settings',
  method: 'PUT',
  path: '/api/settings',
  body: settings,
  names: 'A setting',
});
