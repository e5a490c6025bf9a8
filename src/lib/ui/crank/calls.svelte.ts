import { browserShelf, keepSmall } from '$lib/store/shelf';
import { chime } from './chime';

/** Ways a cue is called out beside its colour; speech is off until it is asked for. */
const WAYS = { sound: true, vibration: true, speech: false } as const;
export type Way = keyof typeof WAYS;

/** Vibration of the two calls, ms on and off. */
const BUZZ = { near: [60], due: [160, 80, 160] } as const;

/** Whether this device has a way at all. */
const offered = (way: Way): boolean =>
  way === 'sound' || (way === 'speech' ? 'speechSynthesis' in window : 'vibrate' in navigator);

class Calls {
  on = $state<Record<Way, boolean>>({ ...WAYS });

  constructor() {
    for (const way of Object.keys(WAYS) as Way[]) {
      const kept = browserShelf().getItem(`tomble-${way}`);
      if (kept !== null) this.on[way] = kept === 'on';
    }
  }

  get offered(): Way[] {
    return (Object.keys(WAYS) as Way[]).filter(offered);
  }

  set(way: Way, on: boolean): void {
    this.on[way] = on;
    keepSmall(`tomble-${way}`, on ? 'on' : 'off');
    if (way === 'speech' && !on && offered('speech')) window.speechSynthesis.cancel();
  }

  /** Calls out what nears or is due, in every way that is on. @param words said aloud; what was being said is cut short */
  out(kind: 'near' | 'due', words: string): void {
    if (this.on.sound) chime(kind);
    if (this.on.vibration && offered('vibration')) navigator.vibrate([...BUZZ[kind]]);
    if (!this.on.speech || !offered('speech') || words === '') return;
    window.speechSynthesis.cancel();
    const said = new SpeechSynthesisUtterance(words);
    said.lang = 'en';
    window.speechSynthesis.speak(said);
  }
}

/** How this browser calls: kept from visit to visit. */
export const calls = new Calls();
