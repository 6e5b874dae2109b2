import { checkPlanShape } from '@potter/contract/check-plan';
import { checkShelfItem } from '@potter/contract/check-shelf-item';
import { checkTechniqueShape } from '@potter/contract/check-technique';
import { openPour, openTechnique, readPalette, readShelfCsv } from '@potter/core/format';
import { MOST_SVG, outlineFrom, outlineFromPath, readSvg } from '@potter/core/surface';
import { expose } from 'comlink';
import type { FileAnswer, FileAsk } from './file-messages';

/** Reads files away from the screen: what is in them, and how long that takes to read, is nobody's promise. */
async function answer(ask: FileAsk): Promise<FileAnswer[FileAsk['read']]> {
  switch (ask.read) {
    case 'plan':
      return openPour(await ask.file.text(), checkPlanShape);
    case 'technique':
      return openTechnique(await ask.file.text(), checkTechniqueShape);
    case 'palette':
      return readPalette(await ask.file.text());
    case 'drawing':
      // Refused by its size before it is even read.
      if (ask.file.size > MOST_SVG * 2)
        return { ok: false, fault: `The file is too large: ${ask.file.size} bytes.` };
      return readSvg(await ask.file.text());
    case 'outline':
      return 'path' in ask
        ? outlineFromPath(ask.path, ask.mmPerUnit)
        : outlineFrom(ask.rings, ask.mmPerUnit);
    case 'shelf':
      return readShelfCsv(await ask.file.text(), ask.shelf, checkShelfItem);
  }
}

expose(answer);
