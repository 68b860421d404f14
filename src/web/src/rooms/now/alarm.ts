/** A short run of beeps from the page itself: no sound file to fetch. */
let sound: AudioContext | null = null;

/** Browsers let a page sound only after a tap; called from one. */
export function readySound() {
  sound ??= new AudioContext();
  void sound.resume();
}

const beeps = 6;
const beepSeconds = 0.25;
const gapSeconds = 0.2;
const pitchHz = 880;

function beep() {
  if (!sound) return;
  for (let i = 0; i < beeps; i++) {
    const at = sound.currentTime + i * (beepSeconds + gapSeconds);
    const tone = sound.createOscillator();
    const loudness = sound.createGain();
    tone.frequency.value = pitchHz;
    loudness.gain.setValueAtTime(0.4, at);
    loudness.gain.exponentialRampToValueAtTime(0.01, at + beepSeconds);
    tone.connect(loudness).connect(sound.destination);
    tone.start(at);
    tone.stop(at + beepSeconds);
  }
}

/** Sounds, shakes and tells, each where the device allows it. */
export async function ring(title: string, body: string, batch: string) {
  beep();
  navigator.vibrate?.([400, 200, 400, 200, 800]);
  if (!('Notification' in window) || Notification.permission !== 'granted') return;
  const worker = await navigator.serviceWorker?.getRegistration();
  const options = { body, tag: batch, icon: '/icon-192.png', requireInteraction: true };
  // One that is still being put on the device shows nothing yet.
  if (worker?.active) await worker.showNotification(title, options);
  else new Notification(title, options);
}
