import { findMixes } from '@potter/core/mix';
import type { FindAsk } from './find-messages';

self.onmessage = ({ data: { hex, paints, like } }: MessageEvent<FindAsk>) => {
  try {
    self.postMessage({ value: findMixes(hex, paints, like ? { like } : {}) });
  } catch (error) {
    self.postMessage({ failed: String(error) });
  }
};
