import { useEffect, useRef } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/button';
import { Body } from '@/ui/type';
import type { CameraSource } from './camera-source';

/** What the camera sees, till the phone stands as it should. */
export function Framing({
  camera,
  onBegin,
  onLeave,
}: {
  readonly camera: CameraSource;
  readonly onBegin: () => void;
  readonly onLeave: () => void;
}) {
  const { stream } = camera;
  return (
    <View className="gap-3">
      {stream ? <Live stream={stream} /> : null}
      <Body>
        {stream
          ? 'All of the piece, and table on every side? Then begin, and let go.'
          : 'The practice piece is poured, and lies under the camera.'}
      </Body>
      <View className="flex-row flex-wrap gap-2">
        <Button primary label="Begin" onPress={onBegin} />
        <Button label="Leave it" onPress={onLeave} />
      </View>
    </View>
  );
}

function Live({ stream }: { readonly stream: MediaStream }) {
  const video = useRef<HTMLVideoElement>(null);
  useEffect(() => {
    if (video.current) video.current.srcObject = stream;
  }, [stream]);
  return (
    <video
      ref={video}
      autoPlay
      muted
      playsInline
      aria-label="What the camera sees"
      style={{ width: '100%', maxHeight: 420, objectFit: 'contain', background: '#777' }}
    />
  );
}
