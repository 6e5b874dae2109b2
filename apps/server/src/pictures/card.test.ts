import { findFields, readField } from '@potter/core/card';
import { handShot, type Shot } from '@potter/core/camera';
import { madeCard } from '../../test/made-card';
import { taken } from '../../test/taken';

/** What is read off photographed cards is held against the films they were painted with, by a camera that shares nothing with what reads. */
const FULL = 'POTTER_FULL' in globalThis;
const SIZE = [1200, 900] as const;

async function offs(seed: number, fields: number, more: Partial<Shot> = {}) {
  const card = await madeCard(seed, fields);
  const shot = { ...handShot(5000 + seed, SIZE, card, 0), ...more };
  const pixels = await taken(card, shot);
  const found = findFields(pixels);
  return {
    found: found.length,
    reads: found.map((field) => readField(pixels, field)),
    ratios: card.ratios,
  };
}

test(
  'the contrast ratio of every box is within 3 points on 95 of 100 cards, and within 6 on all',
  async () => {
    const count = FULL ? 200 : 2;
    const off: number[] = [];
    let told = 0;
    for (let seed = 0; seed < count; seed++) {
      const fields = 1 + (seed % 3);
      const { found, reads, ratios } = await offs(seed, fields);
      expect(`${seed}: ${found}`).toBe(`${seed}: ${fields}`);
      reads.forEach(({ boxes, fault }, i) => {
        expect(`${seed}: ${fault}`).toBe(`${seed}: undefined`);
        boxes.forEach(({ contrastRatio, within, coats }) => {
          const by = Math.abs(contrastRatio - ratios[i]![coats - 1]!);
          off.push(by);
          if (by <= within) told++;
        });
      });
    }
    off.sort((a, b) => a - b);
    expect(off[Math.floor(0.95 * (off.length - 1))]).toBeLessThanOrEqual(0.03);
    expect(off.at(-1)).toBeLessThanOrEqual(0.06);
    expect(told / off.length).toBeGreaterThanOrEqual(0.85);
  },
  FULL ? 3_600_000 : 60_000,
);

test('a card that is burnt out, and a picture without one, are told as that', async () => {
  const { reads } = await offs(1, 1, { cast: [3, 3, 3] });
  expect(reads.map(({ fault }) => fault).join()).toMatch(/burnt out|Neither|shadow/);
  const plain = {
    width: 300,
    height: 200,
    rgba: new Uint8ClampedArray(4 * 300 * 200).fill(180),
  };
  expect(findFields(plain)).toEqual([]);
}, 60_000);
