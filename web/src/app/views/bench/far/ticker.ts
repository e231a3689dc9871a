/** A soft tick, made where it is heard: no file to fetch. */
export class Ticker {
  private context: AudioContext | undefined;

  tick(): void {
    try {
      this.context ??= new AudioContext();
      const { currentTime, destination } = this.context;
      const [tone, volume] = [this.context.createOscillator(), this.context.createGain()];
      tone.frequency.value = 660;
      volume.gain.setValueAtTime(0.05, currentTime);
      volume.gain.exponentialRampToValueAtTime(0.0005, currentTime + 0.07);
      tone.connect(volume).connect(destination);
      tone.start();
      tone.stop(currentTime + 0.08);
    } catch {
      // Without sound the walk goes on in silence.
    }
  }

  close(): void {
    void this.context?.close();
    this.context = undefined;
  }
}
