import { create } from 'zustand';
import { persist } from 'zustand/middleware';

interface BellState {
  /** A timer that ends is heard. */
  readonly sound: boolean;
  /** It is told by the computer itself, also while another window is in front. */
  readonly notice: boolean;
  set: (change: Partial<Pick<BellState, 'sound' | 'notice'>>) => void;
}

/** How this browser tells of a timer that ended, besides its sentence on the page: nothing until it is wished. */
export const useBell = create<BellState>()(
  persist(
    (set) => ({
      sound: false,
      notice: false,
      set: (change) => {
        set(change);
      },
    }),
    { name: 'bent-pail-bell', partialize: ({ sound, notice }) => ({ sound, notice }) },
  ),
);

/** Hz and seconds of two short strokes, as on the rim of a pail. */
const STROKES = [
  { at: 0, hertz: 660 },
  { at: 0.32, hertz: 880 },
] as const;
const STROKE_S = 0.28;
const LOUD = 0.2;

/** Rings twice; a browser that makes no sound stays silent. */
export function ring(): void {
  if (typeof AudioContext === 'undefined') return;
  const context = new AudioContext();
  for (const { at, hertz } of STROKES) {
    const tone = context.createOscillator();
    const volume = context.createGain();
    const from = context.currentTime + at;
    tone.frequency.value = hertz;
    volume.gain.setValueAtTime(LOUD, from);
    volume.gain.exponentialRampToValueAtTime(0.001, from + STROKE_S);
    tone.connect(volume).connect(context.destination);
    tone.start(from);
    tone.stop(from + STROKE_S);
    if (hertz === STROKES[1].hertz)
      tone.onended = () => {
        void context.close();
      };
  }
}

/** Whether the computer may tell of it: asked for once. */
export async function mayNotify(): Promise<boolean> {
  if (typeof Notification === 'undefined') return false;
  if (Notification.permission === 'default') return (await Notification.requestPermission()) === 'granted';
  return Notification.permission === 'granted';
}

/** Tells of a timer that ended in the ways that are wished. */
export function tellOfEnd(title: string, line: string): void {
  const { sound, notice } = useBell.getState();
  if (sound) ring();
  if (!notice || typeof Notification === 'undefined') return;
  if (Notification.permission === 'granted') new Notification(title, { body: line });
}
