/** A moment as local date and time without a zone, as plans and schedules write it: "2026-11-28T10:45". */
export function localTime(moment: number): string {
  const d = new Date(moment);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${d.getFullYear()}-${two(d.getMonth() + 1)}-${two(d.getDate())}T${two(d.getHours())}:${two(d.getMinutes())}`;
}

/** This moment, as documents write it. */
export const localNow = (): string => localTime(Date.now());

/** Today, as documents write it. */
export const today = (): string => localNow().slice(0, 'yyyy-mm-dd'.length);

/** Seconds as a clock: "6:41", "1:02:03"; a minus sign once the time is over. */
export function clock(seconds: number): string {
  const size = Math.abs(Math.round(seconds));
  const [h, m, s] = [Math.floor(size / 3600), Math.floor(size / 60) % 60, size % 60];
  const two = (n: number) => String(n).padStart(2, '0');
  return `${seconds < -0.5 ? '−' : ''}${h > 0 ? `${h}:${two(m)}` : m}:${two(s)}`;
}
