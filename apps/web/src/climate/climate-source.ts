/** What a room's thermometer and hygrometer read. */
export interface RoomReading {
  readonly tempC: number;
  readonly rh: number;
}

/** Whatever tells how warm and how damp the room is. */
export interface ClimateSource {
  /** Undefined until both were read. */
  readonly read: () => RoomReading | undefined;
  readonly subscribe: (listener: () => void) => () => void;
}
