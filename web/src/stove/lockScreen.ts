import { local } from "@/api/storage";

const WANTED = "mobrel.lock-screen";

/** A device shows the title of what it plays; so it has to play something. */
const RATE = 3_000;
const SECONDS = 10;
const WAV_HEAD = 44;
/** The middle of the eight bits of a sample: silence. */
const MIDDLE = 128;

let silence: HTMLAudioElement | undefined;

/** Whether the clock is to stand on the lock screen. It takes the place of music that plays, so somebody has to want it. */
export function wantsLockScreen(): boolean {
  return local.getItem(WANTED) === "on";
}

export function letLockScreen(on: boolean) {
  local.setItem(WANTED, on ? "on" : "off");
  if (!on) {
    leaveLockScreen();
  }
}

/** Puts the nearest clock where the device shows what it plays; only after somebody has touched the page. */
export function showOnLockScreen(title: string, canner: string) {
  if (!("mediaSession" in navigator) || !wantsLockScreen()) {
    return;
  }
  silence ??= Object.assign(new Audio(URL.createObjectURL(silentSound())), { loop: true });
  if (silence.paused) {
    // Whoever presses pause there means the phone, not the canner: the clock goes on.
    void silence.play().catch(() => undefined);
  }
  if (navigator.mediaSession.metadata?.title !== title) {
    navigator.mediaSession.metadata = new MediaMetadata({
      title,
      artist: canner,
      artwork: [{ src: "/icon-512.png", sizes: "512x512", type: "image/png" }],
    });
  }
}

export function leaveLockScreen() {
  if (silence && "mediaSession" in navigator) {
    silence.pause();
    silence = undefined;
    navigator.mediaSession.metadata = null;
  }
}

function silentSound(): Blob {
  const bytes = new DataView(new ArrayBuffer(WAV_HEAD + RATE * SECONDS));
  const text = (at: number, words: string) => {
    for (let index = 0; index < words.length; index++) {
      bytes.setUint8(at + index, words.charCodeAt(index));
    }
  };
  const number = (at: number, value: number) => bytes.setUint32(at, value, true);
  text(0, "RIFF");
  number(4, bytes.byteLength - 8);
  text(8, "WAVEfmt ");
  number(16, 16);
  bytes.setUint16(20, 1, true);
  bytes.setUint16(22, 1, true);
  number(24, RATE);
  number(28, RATE);
  bytes.setUint16(32, 1, true);
  bytes.setUint16(34, 8, true);
  text(36, "data");
  number(40, RATE * SECONDS);
  for (let at = WAV_HEAD; at < bytes.byteLength; at++) {
    bytes.setUint8(at, MIDDLE);
  }
  return new Blob([bytes], { type: "audio/wav" });
}
