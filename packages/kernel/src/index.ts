import {
  boxOf,
  type Circulation,
  LAYERED_PLANES,
  type Engine,
  type Film,
  type Grid,
  type MakeKernel,
  planesFor,
  RIM_M,
  tellStanding,
  whole,
} from '@potter/core/flow';
import { dyesOf } from './dye';
import { FILM_WASM } from './generated/film-wasm';
import { views } from './views';

/** What the module of `assembly/index.ts` exports. */
interface FilmModule {
  readonly memory: WebAssembly.Memory;
  layOut(nx: number, ny: number, dx: number, sampleCount: number): number;
  step(
    nu: number,
    gx: number,
    gy: number,
    gz: number,
    fields: boolean,
    layered: boolean,
    told: boolean,
    lowerNu: number,
    arrivingLnNu: number,
    dtS: number,
    xFirst: boolean,
  ): void;
  beginFrame(): void;
  endFrame(layered: boolean, told: boolean, lowerNu: number): void;
  findRows(count: number): void;
  topRow(): number;
  bottomRow(): number;
  trace(
    count: number,
    left: number,
    top: number,
    right: number,
    bottom: number,
    layered: boolean,
  ): void;
  circulate(left: number, top: number, right: number, bottom: number, count: number): void;
  near(
    fromX: number,
    fromY: number,
    toX: number,
    toY: number,
    reach: number,
    count: number,
  ): number;
}

const compiled = (): Promise<WebAssembly.Module> =>
  WebAssembly.compile(Uint8Array.from(atob(FILM_WASM), (c) => c.charCodeAt(0)));

/**
 * Compiles the kernel and returns what makes films and dyes of it, each with a memory of its own.
 * Rejects where there is no WebAssembly or no SIMD in it; use `plainEngine` there.
 */
export async function loadEngine(): Promise<Engine> {
  const module = await compiled();
  return { make: kernelsOf(module), makeDye: dyesOf(module) };
}

/** Its films alone. */
export const loadKernel = async (): Promise<MakeKernel> => kernelsOf(await compiled());

const kernelsOf =
  (module: WebAssembly.Module): MakeKernel =>
  (grid, sampleCount) => {
    const { nx, ny, dx } = grid;
    if (nx % 4 !== 0 || ny % 4 !== 0)
      throw new RangeError(`the kernel takes grids of whole fours, not ${nx} × ${ny}`);
    const instance = new WebAssembly.Instance(module, {});
    const loops = instance.exports as unknown as FilmModule;
    const room = 4 * Math.ceil(sampleCount / 4);
    const start = loops.layOut(nx, ny, dx, room);
    const take = views(loops.memory.buffer, start);
    const cells = nx * ny;
    const floats = (length: number) => take(Float32Array, length);
    const h = floats(cells);
    const ground = floats(cells);
    const source = floats(cells);
    const lower = floats(cells);
    const lnNu = floats(cells);
    const pushX = floats(cells);
    const pushY = floats(cells);
    const shearX = floats(cells);
    const shearY = floats(cells);
    const fluidity = floats(cells);
    const excess = floats(cells);
    const samples = { x: floats(room), y: floats(room), z: floats(room) };
    const packed = take(Int16Array, LAYERED_PLANES * cells);
    const most = floats(3);
    const round = floats(4 * cells);
    const before = { x: floats(room), y: floats(room), z: floats(room) };
    const nearby = take(Int32Array, room);
    const fluxX = floats(cells);
    const fluxY = floats(cells);
    for (let i = 0; i < cells; i++) {
      const [x, y] = [i % nx, Math.floor(i / nx)];
      if (x === 0 || y === 0 || x === nx - 1 || y === ny - 1) ground[i] = -RIM_M;
    }
    const film: Film = {
      grid,
      h,
      ground,
      source,
      lower,
      lnNu,
      fluidity,
      excess,
      pushX,
      pushY,
      shearX,
      shearY,
      fluxX,
      fluxY,
    };
    return {
      film,
      samples,
      before,
      step: (drive, dtS, xFirst) => {
        const { nu, gx, gy, gz, layers, fields = false } = drive;
        if (layers?.stands) tellStanding(film, drive, layers, layers.stands);
        loops.step(
          nu,
          gx,
          gy,
          gz,
          fields,
          layers !== undefined,
          layers?.stands !== undefined,
          layers?.lowerNu ?? nu,
          Math.log(layers?.arrivingNu ?? nu),
          dtS,
          xFirst,
        );
      },
      beginFrame: () => loops.beginFrame(),
      endFrame: (drive, into = new Int16Array(planesFor(drive) * cells)) => {
        const { layers } = drive;
        if (layers?.stands) tellStanding(film, drive, layers, layers.stands);
        loops.endFrame(layers !== undefined, layers?.stands !== undefined, layers?.lowerNu ?? 1);
        into.set(packed.subarray(0, into.length));
        return { data: into, most: [most[0]!, most[1]!, most[2]!], box: boxOf(into, grid) };
      },
      trace: (kept, count) => {
        const { data, most: largest, box } = whole(kept, grid);
        most.set(largest);
        loops.findRows(count);
        const from = nx * loops.topRow();
        const upTo = nx * loops.bottomRow();
        for (let plane = 0; plane < data.length; plane += cells)
          packed.set(data.subarray(plane + from, plane + upTo), plane + from);
        const { left, top, right, bottom } = box;
        loops.trace(count, left, top, right, bottom, data.length === packed.length);
      },
      circulate: (part, count) => {
        layRound(round, grid, part);
        const { left, top, across, down } = part;
        loops.circulate(left, top, left + across, top + down, count);
      },
      near: ({ from, to }, reach, count) =>
        nearby.subarray(0, loops.near(from.x, from.y, to.x, to.y, reach, count)),
    };
  };

/** Writes what goes round in a part of a grid as the module takes it, four floats a cell, and nothing into the cells around. */
function layRound(
  round: Float32Array,
  { nx, ny }: Grid,
  { left, top, across, down, x, y, apart }: Circulation,
): void {
  for (let row = Math.max(0, top - 1); row < Math.min(ny, top + down + 1); row++) {
    const from = row * nx + Math.max(0, left - 1);
    round.fill(0, 4 * from, 4 * (row * nx + Math.min(nx, left + across + 1)));
    if (row < top || row >= top + down) continue;
    for (let column = 0; column < across; column++) {
      const k = (row - top) * across + column;
      const at = 4 * (row * nx + left + column);
      round[at] = x[k]!;
      round[at + 1] = y[k]!;
      round[at + 2] = apart[k]!;
    }
  }
}
