/** 0, 1, 2 and so on, so many of them. In a loop: `Int32Array.from` calls back for each, twenty times as long. */
export function numbered(count: number): Int32Array {
  const numbers = new Int32Array(count);
  for (let i = 0; i < count; i++) numbers[i] = i;
  return numbers;
}
