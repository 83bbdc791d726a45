import { ownOnly, type SoundName, type SoundView } from '@distaff/core/show';
import type { Howl } from 'howler';
import { fileUrl } from '../media/mediaUrl.ts';

/** How long a sound takes to go away for the next one (ms). */
const FADE = 120;

/** Where a sound lies: the host's own, else the house's. */
const addressOf = (name: SoundName, { file }: SoundView) =>
  file === null ? `/sounds/${name}.wav` : fileUrl(file);

/**
 * Plays one sound at a time: whatever is asked for ends what is heard. One that cannot be loaded is
 * passed over in silence.
 */
export class SoundPlayer {
  #howls = new Map<string, Howl>();
  #now: { name: SoundName; howl: Howl } | null = null;
  /** Counts what was asked for, so that what loads late does not start over what came after. */
  #asked = 0;
  readonly #tell: (name: SoundName | null) => void;

  /** `tell` hears what is playing, whenever that changes. */
  constructor(tell: (name: SoundName | null) => void) {
    this.#tell = tell;
  }

  get playing(): SoundName | null {
    return this.#now?.name ?? null;
  }

  /** Plays a sound, again and again where `loop`; `ended` is called when it has come to its end. */
  async play(name: SoundName, view: SoundView, loop: boolean, ended: () => void = () => {}): Promise<void> {
    this.stop();
    const asked = this.#asked;
    if (view.level === 0 || (view.file === null && ownOnly.has(name))) return ended();
    const { Howl } = await import('howler');
    if (asked !== this.#asked) return;
    const src = addressOf(name, view);
    // A file of the library has no ending in its address: each kind that it may be is tried.
    const howl =
      this.#howls.get(src) ??
      new Howl({ src: [src], format: view.file === null ? 'wav' : ['mp3', 'ogg', 'wav'] });
    this.#howls.set(src, howl);
    const over = () => {
      if (this.#now?.howl !== howl || asked !== this.#asked) return;
      this.#set(null);
      ended();
    };
    howl.off();
    howl.loop(loop).volume(view.level);
    howl.on('end', () => !loop && over());
    howl.on('loaderror', over);
    howl.on('playerror', over);
    this.#set({ name, howl });
    howl.play();
  }

  /** Sets the loudness (0 … 1) of what is playing. */
  setLevel(level: number): void {
    this.#now?.howl.volume(level);
  }

  stop(): void {
    this.#asked++;
    const now = this.#now;
    if (!now) return;
    this.#set(null);
    now.howl.fade(now.howl.volume(), 0, FADE);
    const asked = this.#asked;
    setTimeout(() => {
      // The same sound may have been begun anew.
      if (this.#now?.howl !== now.howl || asked === this.#asked) now.howl.stop();
    }, FADE);
  }

  /** Frees what was loaded. */
  close(): void {
    this.stop();
    for (const howl of this.#howls.values()) howl.unload();
    this.#howls.clear();
  }

  #set(now: { name: SoundName; howl: Howl } | null): void {
    this.#now = now;
    this.#tell(now?.name ?? null);
  }
}
