import type { Move } from '../verb';
import { spots } from './spots';
import { defineTechnique } from './technique';

/**
 * Seconds of tilt for each mm to a corner: a film on a slope drains to √(ν·L ÷ (g·sin a·t)) (Nusselt), so larger pieces want
 * longer, in proportion. At 9° and medium thickness this leaves about a millimetre.
 */
const S_PER_MM = 0.05;

export const flipCup = defineTechnique({
  id: 'flip-cup',
  name: 'Flip cup',
  says: 'A layered cup is turned over on the surface, rests and is lifted; then the paint is stretched by tilting.',
  needs: {
    consistency: 'medium',
    baseMm: { otherwise: 1 },
    pots: [{ use: 'keep', share: 0.05 }],
    loading: 'layered',
    sameFirstAndLast: true,
  },
  settings: {
    restS: { kind: 'number', label: 'Cup stands upside down', min: 0, max: 1800, unit: 's' },
    torch: { kind: 'choice', label: 'Torch', of: ['end', 'first', 'none'] },
    angleDeg: { kind: 'number', label: 'Tilt', min: 2, max: 30, unit: 'deg' },
  },
  defaults: { restS: 60, torch: 'end', angleDeg: 9 },
  moves: (stage, { restS, torch, angleDeg }) => {
    const moves: Move[] = [];
    const torchMove = (id: string): Move => ({ id, verb: 'torch', s: 8 });
    if (stage.baseMix !== undefined) {
      moves.push({
        id: 'base',
        verb: 'lay',
        mix: stage.baseMix,
        filmMm: stage.baseMm ?? 1,
        s: 120,
      });
    }
    // A generous pour needs no base, but wet edges (handbook 6, common practice).
    else if (stage.edgeMix !== undefined)
      moves.push({ id: 'edges', verb: 'edge', mix: stage.edgeMix, filmMm: 0.3, s: 90 });
    const at = spots(stage.cups.length, stage.widthMm, stage.heightMm);
    stage.cups.forEach((cup, i) => {
      moves.push({
        id: `flip-${cup}`,
        verb: 'flip',
        cup,
        atMm: at[i] ?? [stage.widthMm / 2, stage.heightMm / 2],
        restS,
        s: 20,
      });
    });
    if (torch === 'first')
      moves.push(torchMove('torch-first'), { id: 'look', verb: 'rest', s: 120 });
    const [cx, cy] = [stage.widthMm / 2, stage.heightMm / 2];
    // Each corner, then the weight back to the middle before the next (handbook 6, common practice).
    stage.reaches.forEach(([x, y], i) => {
      const s = Math.max(4, Math.round(Math.hypot(x - cx, y - cy) * S_PER_MM));
      const towardDeg = Math.round((Math.atan2(y - cy, x - cx) * 180) / Math.PI);
      moves.push(
        {
          id: `tilt-${i + 1}`,
          verb: 'tilt',
          towardDeg,
          angleDeg,
          s,
          note: 'Until the paint is over the edge there.',
        },
        {
          id: `back-${i + 1}`,
          verb: 'tilt',
          towardDeg: towardDeg > 0 ? towardDeg - 180 : towardDeg + 180,
          angleDeg: Math.round(angleDeg * 0.6),
          s: Math.max(2, Math.round(s * 0.4)),
          note: 'Bring the weight back to the middle.',
        },
      );
    });
    if (torch === 'end') moves.push(torchMove('torch-end'));
    moves.push({ id: 'rest', verb: 'rest', s: 1200 });
    if (torch !== 'none') moves.push(torchMove('torch-again'));
    moves.push(
      { id: 'dry-touch', verb: 'dry', until: 'touch' },
      { id: 'dry-cured', verb: 'dry', until: 'cured' },
    );
    return moves;
  },
});
