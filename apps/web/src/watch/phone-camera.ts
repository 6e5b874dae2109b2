import type { CameraSource } from './camera-source';

/** As large as cameras give it live, px. */
const WANTED = { width: { ideal: 3840 }, height: { ideal: 2160 } } as const;
const QUALITY = 0.92;

/** What a browser says where it gives no camera, in words that mend it. */
const WORDS: Readonly<Record<string, string>> = {
  NotAllowedError:
    'The camera may not be used here: allow it for this page in the browser’s settings, then try again.',
  NotFoundError: 'This device has no camera.',
  NotReadableError: 'Something else holds the camera: close it, then try again.',
};
const LOST =
  'The camera went away: something else took it, or the page was put aside. Open it again.';

/** Whether the browser gives cameras to this page at all: it does not over plain http. */
export const hasCamera = (): boolean => globalThis.navigator?.mediaDevices !== undefined;

/** The camera on the back of this phone, kept open. Throws an Error that says what to do. */
export async function phoneCamera(): Promise<CameraSource> {
  const stream = await navigator.mediaDevices
    .getUserMedia({ audio: false, video: { facingMode: 'environment', ...WANTED } })
    .catch((error: unknown) => {
      const { name, message } = error as DOMException;
      throw new Error(WORDS[name] ?? message);
    });
  const video = document.createElement('video');
  video.muted = true;
  video.playsInline = true;
  video.srcObject = stream;
  await video.play();
  const canvas = document.createElement('canvas');
  return {
    stream,
    now: Date.now,
    pace: 1,
    take: async () => {
      if (stream.getVideoTracks()[0]?.readyState !== 'live') throw new Error(LOST);
      canvas.width = video.videoWidth;
      canvas.height = video.videoHeight;
      canvas.getContext('2d')?.drawImage(video, 0, 0);
      const picture = await new Promise<Blob | null>((resolve) =>
        canvas.toBlob(resolve, 'image/jpeg', QUALITY),
      );
      if (!picture) throw new Error(LOST);
      return picture;
    },
    close: () => {
      video.srcObject = null;
      for (const track of stream.getTracks()) track.stop();
    },
  };
}
