import type { Grey } from "./dial";

/** An open camera; its pictures stay on this device. */
export interface Eye {
  readonly stream: MediaStream;
  /** What it sees now; undefined while it sees nothing new: a picture that stands still would go on showing a needle that sank. */
  look(): Grey | undefined;
  stop(): void;
}

/** Why a device cannot look, in words. */
export class Blind extends Error {}

/** A dial is read from no more, so that a look costs little. */
const WIDEST = 960;

/** One look in five seconds needs no film, which would be warm and empty the battery. */
const PICTURES_A_SECOND = 5;

/**
 * Opens the camera, if the cook lets it.
 *
 * @throws Blind where there is none, or it may not be used
 */
export async function openEye(): Promise<Eye> {
  if (!navigator.mediaDevices) {
    throw new Blind("At this address no page may use the camera. Open the kitchen at its encrypted address.");
  }
  const stream = await navigator.mediaDevices
    .getUserMedia({
      video: {
        facingMode: "environment",
        width: { ideal: 1280 },
        frameRate: { ideal: PICTURES_A_SECOND },
      },
    })
    .catch((refused: unknown) => {
      throw new Blind(
        refused instanceof DOMException && refused.name === "NotFoundError"
          ? "This device has no camera."
          : "The camera may not be used. Allow it for this page in the browser, then try again.",
      );
    });
  const video = document.createElement("video");
  video.muted = true;
  video.playsInline = true;
  video.srcObject = stream;
  const close = () => {
    for (const track of stream.getTracks()) {
      track.stop();
    }
    video.srcObject = null;
  };
  try {
    await video.play();
  } catch {
    close();
    throw new Blind("The camera shows no picture. Close other programs that use it, then try again.");
  }
  const canvas = document.createElement("canvas");
  let shown = -1;
  return {
    stream,
    look() {
      const pictures = video.getVideoPlaybackQuality().totalVideoFrames;
      const live = stream.getVideoTracks().some((track) => track.readyState === "live" && !track.muted);
      if (!live || pictures === shown || video.videoWidth === 0) {
        return undefined;
      }
      shown = pictures;
      return greyOf(video, canvas);
    },
    stop: close,
  };
}

function greyOf(video: HTMLVideoElement, canvas: HTMLCanvasElement): Grey | undefined {
  const shrink = Math.min(1, WIDEST / video.videoWidth);
  const [width, height] = [Math.round(video.videoWidth * shrink), Math.round(video.videoHeight * shrink)];
  canvas.width = width;
  canvas.height = height;
  const pen = canvas.getContext("2d", { willReadFrequently: true });
  if (!pen) {
    return undefined;
  }
  pen.drawImage(video, 0, 0, width, height);
  const { data } = pen.getImageData(0, 0, width, height);
  const grey = new Uint8Array(width * height);
  for (let index = 0; index < grey.length; index++) {
    const at = index * 4;
    grey[index] = 0.299 * (data[at] ?? 0) + 0.587 * (data[at + 1] ?? 0) + 0.114 * (data[at + 2] ?? 0);
  }
  return { width, height, grey };
}
