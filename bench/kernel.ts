// The film kernel beside its twin, in one run.
import { type MakeKernel, plainKernel, tilted } from '@potter/core/flow';
import { loadKernel } from '@potter/kernel';
import { median, report } from './report.mjs';

const SAMPLES = 32768;
function time(times: number, act: (i: number) => void): number {
  for (let i = 0; i < 3; i++) act(i);
  return median(
    Array.from({ length: times }, (_, i) => {
      const from = performance.now();
      act(i);
      return performance.now() - from;
    }),
  );
}

function measure(make: MakeKernel, n: number, times: number) {
  const kernel = make({ nx: n, ny: n, dx: 0.5 / n }, SAMPLES);
  const { film, samples } = kernel;
  for (let i = 0; i < n * n; i++)
    if (film.ground[i]! >= 0) film.h[i] = 1e-3 + 1e-3 * Math.sin(i / 300) ** 2;
  const drive = tilted(1e-3, 9, 30);
  kernel.beginFrame();
  const step = time(times, (i) => kernel.step(drive, 0.1, i % 2 === 0));
  const frame = time(times, () => kernel.endFrame(drive));
  const motion = kernel.endFrame(drive);
  for (let i = 0; i < SAMPLES; i++) {
    // Places side by side, as a picture's are.
    samples.x[i] = ((i % 181) / 181) * n;
    samples.y[i] = (Math.floor(i / 181) / 181) * n;
    samples.z[i] = 1;
  }
  const trace = time(times, () => kernel.trace(motion, SAMPLES));
  return { step, frame, trace };
}

async function main() {
  const fast = await loadKernel();
  for (const n of [192, 256]) {
    const kernel = measure(fast, n, 60);
    const twin = measure(plainKernel, n, 15);
    report(`kernel against twin at ${n}²: a step`, twin.step / kernel.step, '×', '≥ 4');
    report(
      `kernel against twin at ${n}²: a frame’s motion`,
      twin.frame / kernel.frame,
      '×',
      'none',
    );
    report(`kernel against twin at ${n}²: tracing`, twin.trace / kernel.trace, '×', 'none');
    report(`kernel at ${n}²: a step`, kernel.step, 'ms', 'none');
  }
}

void main();
