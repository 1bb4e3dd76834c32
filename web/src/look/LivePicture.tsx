import { useEffect, useRef } from "react";

interface Props {
  readonly stream: MediaStream;
  readonly className: string;
}

/** What the camera sees: whether something stands before the dial is to be seen here. */
export function LivePicture({ stream, className }: Props) {
  const video = useRef<HTMLVideoElement>(null);
  useEffect(() => {
    if (video.current) {
      video.current.srcObject = stream;
    }
  }, [stream]);
  return (
    <video ref={video} muted autoPlay playsInline aria-label="What the camera sees" className={className} />
  );
}
