// What the page's worker reads files with, for a thread that is stopped where it takes too long.
import { parentPort } from 'node:worker_threads';
import { checkPlanShape } from '@potter/contract/check-plan';
import { checkShelfItem } from '@potter/contract/check-shelf-item';
import { openPour, readPalette, readShelfCsv } from '@potter/core/format';
import { outlineFrom, outlineFromPath, readSvg } from '@potter/core/surface';

const READERS: Readonly<Record<string, (text: string) => unknown>> = {
  plan: (text) => openPour(text, checkPlanShape),
  palette: readPalette,
  table: (text) => readShelfCsv(text, [], checkShelfItem),
  path: (text) => outlineFromPath(text, 1),
  drawing: (text) => {
    const read = readSvg(text);
    return read.ok ? outlineFrom(read.value.rings, 1) : read;
  },
};

parentPort?.on('message', ({ kind, text }: { kind: string; text: string }) => {
  try {
    READERS[kind]?.(text);
    parentPort?.postMessage({ done: true });
  } catch (error) {
    parentPort?.postMessage({ threw: error instanceof Error ? error.stack : String(error) });
  }
});
