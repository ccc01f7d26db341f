let sound = null;
let lock = null;

/** A dry short click; a longer one at the end of a row. */
export function tick(end) {
    sound ??= new AudioContext();
    const from = sound.currentTime;
    const tone = sound.createOscillator();
    const loud = sound.createGain();
    tone.frequency.value = end ? 660 : 1100;
    loud.gain.setValueAtTime(0.2, from);
    loud.gain.exponentialRampToValueAtTime(0.001, from + (end ? 0.16 : 0.05));
    tone.connect(loud).connect(sound.destination);
    tone.start(from);
    tone.stop(from + 0.2);
}

/** Reads a line aloud in place of the one before. */
export function speak(line) {
    if ('speechSynthesis' in window) {
        window.speechSynthesis.cancel();
        window.speechSynthesis.speak(new SpeechSynthesisUtterance(line));
    }
}

/** Keeps the screen on while the page is seen, where that is wanted and can be. */
export async function awake(wanted) {
    try {
        if (wanted && !document.hidden) {
            lock ??= (await navigator.wakeLock?.request('screen')) ?? null;
            lock?.addEventListener('release', () => {
                lock = null;
            });
        } else {
            await lock?.release();
            lock = null;
        }
    } catch {
        lock = null;
    }
}
