/** One second of a tone, where the device lets it. */
export function ring() {
    try {
        const sound = new AudioContext();
        const tone = sound.createOscillator();
        tone.frequency.value = 880;
        tone.connect(sound.destination);
        tone.start();
        tone.stop(sound.currentTime + 0.9);
        tone.onended = () => void sound.close();
    } catch {
        // It is said in words and by its shape as well.
    }
}
