/** The sound of a bell buoy, made by the browser: two partials that fade, for each stroke. Without sound nothing is heard, and the mark is still seen. */
export function strike(count: number, distance: number): void {
  try {
    const audio = new AudioContext();
    for (let i = 0; i < count; i += 1) {
      const at = audio.currentTime + 0.3 + i * distance;
      for (const [pitch, loud] of [
        [523, 0.2],
        [1308, 0.07],
      ] as const) {
        const tone = audio.createOscillator();
        const volume = audio.createGain();
        tone.frequency.value = pitch;
        volume.gain.setValueAtTime(0, at);
        volume.gain.linearRampToValueAtTime(loud, at + 0.01);
        volume.gain.exponentialRampToValueAtTime(0.0001, at + 1.1);
        tone.connect(volume).connect(audio.destination);
        tone.start(at);
        tone.stop(at + 1.15);
      }
    }
    setTimeout(() => void audio.close(), 1000 * (0.3 + count * distance + 1.5));
  } catch {
    // no sound here
  }
}
