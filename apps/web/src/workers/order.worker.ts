import { answerOrder, type OrderAsk } from '@potter/core/order';

self.onmessage = ({ data }: MessageEvent<OrderAsk>) => {
  try {
    self.postMessage({ value: answerOrder(data) });
  } catch (error) {
    self.postMessage({ failed: String(error) });
  }
};
