// A photograph of painted opacity cards into the file that is named, and what each box should show, as JSON. Run by tsx, since cards are drawn by the core.
import { writeFileSync } from 'node:fs';
import { handShot } from '@potter/core/camera';
import { madeCard } from '../../apps/server/test/made-card';
import { photograph } from '../../scripts/camera';

const SIZE = [1200, 900] as const;

async function main(): Promise<void> {
  const [file] = process.argv.slice(2);
  const card = await madeCard(8, 2);
  writeFileSync(file!, await photograph(card, handShot(5008, SIZE, card, 0)));
  process.stdout.write(JSON.stringify(card.ratios));
}

void main();
