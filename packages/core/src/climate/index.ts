export { saturationHPa, vapourDeficitHPa } from './air';
export { readHumidity, readTemperature } from './environmental-sensing';
export { AUTUMN_ROOM, roomAt, type RoomModel } from './simulated';
