const channel = new MessageChannel();
const waiting: (() => void)[] = [];
channel.port1.onmessage = () => waiting.shift()?.();

/** Lets what a worker has been asked meanwhile be heard; a timer would wait milliseconds each time. */
export const listen = (): Promise<void> =>
  new Promise((resolve) => {
    waiting.push(resolve);
    channel.port2.postMessage(0);
  });

/** Longest a worker works without listening, ms. */
export const SLICE_MS = 12;
