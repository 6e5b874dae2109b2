/** Cells the surface may move in one frame; frames longer than this bend paths too coarsely. */
export const FRAME_CELLS = 3.2;
/** Tilts come and go over this long, s. */
export const RAMP_S = 1.5;
