/** What a square is besides a planned colour by its number: off the piece; a colour nobody planned; and such a one that is neither light nor dark and has hardly a hue. */
export const OFF = 255;
export const UNPLANNED = 254;
export const MUD = 253;
