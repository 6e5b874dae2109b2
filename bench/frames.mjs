/** Has a page note how long each of its frames takes; returns what gives those noted since it was asked last, the shortest first, ms. */
export async function watchFrames(page) {
  await page.evaluate(() => {
    globalThis.frames_ = [];
    let last = performance.now();
    const tick = (now) => {
      globalThis.frames_.push(now - last);
      last = now;
      requestAnimationFrame(tick);
    };
    requestAnimationFrame(tick);
  });
  return () => page.evaluate(() => globalThis.frames_.splice(0).sort((a, b) => a - b));
}
