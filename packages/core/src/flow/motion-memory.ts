/** Where the motions of a pour are kept. */
export interface MotionMemory {
  /** Room for one of so many numbers, zeros or old ones; undefined where there is none of that length, and it gets memory of its own. */
  take(length: number): Int16Array | undefined;
}

/** The memory of motions no longer needed. */
export function spareMemory(given: readonly Int16Array[]): MotionMemory {
  const byLength = new Map<number, Int16Array[]>();
  for (const data of given) byLength.set(data.length, [...(byLength.get(data.length) ?? []), data]);
  return { take: (length) => byLength.get(length)?.pop() };
}

/** By how much a shared memory grows at a time, bytes. */
const GROWS = 2 ** 23;

/** A shared buffer that grows, which is newer than the types are. */
export type GrowingBuffer = SharedArrayBuffer & {
  readonly maxByteLength: number;
  grow(bytes: number): void;
};

/** Memory in which motions are kept one after the other from its beginning, until it can grow no more: others may read them there. */
export function sharedMemory(buffer: GrowingBuffer): MotionMemory {
  let end = 0;
  let full = false;
  return {
    take: (length) => {
      const upTo = end + 2 * length;
      full ||= !grown(buffer, upTo);
      if (full) return undefined;
      const data = new Int16Array(buffer, end, length);
      end = upTo;
      return data;
    },
  };
}

/** Lets a buffer grow to so many bytes at the least; returns whether it could. */
function grown(buffer: GrowingBuffer, bytes: number): boolean {
  if (buffer.byteLength >= bytes) return true;
  try {
    buffer.grow(Math.min(Math.ceil(bytes / GROWS) * GROWS, buffer.maxByteLength));
  } catch {
    return false;
  }
  return buffer.byteLength >= bytes;
}
