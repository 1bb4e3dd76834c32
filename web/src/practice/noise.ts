/** The sounds of a canner, made here and loaded from nowhere: the rush of steam, the rattle of a weight. */
export class Noise {
  private context: AudioContext | undefined;
  private steam: GainNode | undefined;
  private tone: BiquadFilterNode | undefined;
  private master: GainNode | undefined;
  private clicked = 0;

  /** @param loud 0 to 1; a browser lets a page sound only after somebody has touched it */
  setVolume(loud: number) {
    if (loud > 0 && !this.context) {
      this.begin();
    }
    void this.context?.resume();
    this.master?.gain.setTargetAtTime(loud * loud, this.context?.currentTime ?? 0, 0.05);
  }

  private begin() {
    const context = new AudioContext();
    const seconds = context.createBuffer(1, context.sampleRate * 2, context.sampleRate);
    const samples = seconds.getChannelData(0);
    for (let i = 0; i < samples.length; i++) {
      samples[i] = Math.random() * 2 - 1;
    }
    const rush = context.createBufferSource();
    rush.buffer = seconds;
    rush.loop = true;
    this.tone = context.createBiquadFilter();
    this.tone.type = "bandpass";
    this.tone.Q.value = 0.7;
    this.steam = context.createGain();
    this.steam.gain.value = 0;
    this.master = context.createGain();
    rush.connect(this.tone).connect(this.steam).connect(this.master).connect(context.destination);
    rush.start();
    this.context = context;
  }

  /** As it sounds now: so much steam a second, and whether it leaves past a weight. */
  hear(steamMg: number, weight: boolean) {
    if (!this.context || !this.steam || !this.tone) {
      return;
    }
    const now = this.context.currentTime;
    const loud = Math.min(1, steamMg / 700);
    this.steam.gain.setTargetAtTime(weight ? loud * 0.25 : loud * 0.8, now, 0.08);
    this.tone.frequency.setTargetAtTime(weight ? 4_200 : 900 + 2_200 * loud, now, 0.1);
  }

  /** One knock of the weight against the vent. */
  knock() {
    if (!this.context || !this.master || this.context.currentTime - this.clicked < 0.05) {
      return;
    }
    const now = this.context.currentTime;
    this.clicked = now;
    const ring = this.context.createOscillator();
    const fade = this.context.createGain();
    ring.type = "triangle";
    ring.frequency.value = 1_250 + Math.random() * 260;
    fade.gain.setValueAtTime(0.5, now);
    fade.gain.exponentialRampToValueAtTime(0.001, now + 0.09);
    ring.connect(fade).connect(this.master);
    ring.start(now);
    ring.stop(now + 0.1);
  }

  stop() {
    void this.context?.close();
    this.context = undefined;
  }
}
