import { secondsOf, verbOf } from '../../verb/move';
import type { CauseDefinition } from '../define';

export const tiltedFast: CauseDefinition = {
  id: 'tilted-fast',
  title: 'Tilted fast',
  nextTime: 'Tilt slowly, hook the corners, and bring the weight back to the middle.',
  weigh: ({ plan, factors }, { tookS }) => {
    const tilts = plan.moves.filter((move) => verbOf(move).sheds);
    if (tilts.length === 0) return undefined;
    const s = tilts.map((move) => tookS(move.id) ?? secondsOf(move)).sort((a, b) => a - b)[0]!;
    const usual = factors['tilt-takes'];
    return {
      times: usual / Math.max(0.5, s),
      says: `The shortest tilt took ${Math.round(s)} s; ${Math.round(usual)} s keeps a design together.`,
    };
  },
};
