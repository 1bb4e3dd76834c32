import type { ListenerOptions, ListenerWord } from "./listener.worklet";
import workletUrl from "./listener.worklet.ts?worker&url";

/** An open microphone; what it hears stays on this device. */
export interface Ear {
  stop(): void;
}

/** Why a device cannot listen, in words. */
export class Deaf extends Error {}

/**
 * Opens the microphone, if the cook lets it. Nothing that makes talk clearer may touch the sound: to such filters a weight is noise.
 *
 * @throws Deaf where there is none, or it may not be used
 */
export async function openEar(options: ListenerOptions, hear: (word: ListenerWord) => void): Promise<Ear> {
  if (!navigator.mediaDevices) {
    throw new Deaf(
      "At this address no page may use the microphone. Open the kitchen at its encrypted address.",
    );
  }
  const sound = await navigator.mediaDevices
    .getUserMedia({ audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false } })
    .catch((refused: unknown) => {
      throw new Deaf(
        refused instanceof DOMException && refused.name === "NotFoundError"
          ? "This device has no microphone."
          : "The microphone may not be used. Allow it for this page in the browser, then try again.",
      );
    });
  const context = new AudioContext();
  try {
    await context.audioWorklet.addModule(workletUrl);
    await context.resume();
  } catch {
    for (const track of sound.getTracks()) {
      track.stop();
    }
    void context.close();
    throw new Deaf("This browser cannot listen beside the page. A newer one can.");
  }
  const source = context.createMediaStreamSource(sound);
  const listener = new AudioWorkletNode(context, "mobrel-listener", {
    numberOfOutputs: 0,
    channelCount: 1,
    channelCountMode: "explicit",
    processorOptions: options,
  });
  listener.port.onmessage = ({ data }: MessageEvent<ListenerWord>) => hear(data);
  source.connect(listener);
  return {
    stop() {
      listener.port.onmessage = null;
      source.disconnect();
      for (const track of sound.getTracks()) {
        track.stop();
      }
      void context.close();
    },
  };
}
