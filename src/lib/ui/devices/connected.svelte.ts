import { type Device, type Heard, type Release, type Tally, TurnCounter } from '$lib/devices';

/** What a connection says when it cannot be had. */
const why = (error: unknown): string =>
  error instanceof DOMException && error.name === 'NotFoundError'
    ? 'No port was chosen.'
    : `It could not be opened: ${error instanceof Error ? error.message : String(error)}.`;

/** One place a device can be connected to. It stays connected from screen to screen until it is let go. */
class Link {
  /** Name of what is connected; null while nothing is. */
  name = $state<string | null>(null);
  trouble = $state('');
  #release: Release | null = null;

  /** @returns whether it is connected now */
  async open(device: Device, hear: (heard: Heard) => void): Promise<boolean> {
    await this.close();
    this.trouble = '';
    try {
      this.#release = await device.open(hear, (reason) => {
        this.trouble = `The connection was lost: ${reason}.`;
        this.name = null;
        this.#release = null;
      });
    } catch (error) {
      this.trouble = why(error);
      return false;
    }
    this.name = device.name;
    return true;
  }

  async close(): Promise<void> {
    const release = this.#release;
    this.#release = null;
    this.name = null;
    await release?.();
  }
}

const NONE: Tally = { turns: 0, doubles: 0, caughtUp: 0, doubts: 0 };

/** What is told of a turn: how many rows it stands for, and whether one may have been missed before it. */
type OnTurn = (rows: number, doubt: boolean) => void;

class CrankLink extends Link {
  tally = $state.raw(NONE);
  perMinute = $state<number | null>(null);
  /** Turns while no piece was at the crank. */
  unheard = $state(0);
  readonly #listeners = new Set<OnTurn>();

  connect(device: Device): Promise<boolean> {
    const counter = new TurnCounter();
    this.tally = NONE;
    this.perMinute = null;
    this.unheard = 0;
    return this.open(device, (heard) => {
      if (heard.what !== 'turn') return;
      const { rows, doubt } = counter.add(heard);
      this.tally = counter.tally;
      this.perMinute = counter.perMinute;
      if (this.#listeners.size === 0) this.unheard += rows;
      else if (rows > 0) for (const tell of this.#listeners) tell(rows, doubt);
    });
  }

  /** Listens to turns until it is ended. */
  listen(tell: OnTurn): () => void {
    this.#listeners.add(tell);
    return () => this.#listeners.delete(tell);
  }
}

class ScaleLink extends Link {
  grams = $state<number | null>(null);

  connect(device: Device): Promise<boolean> {
    this.grams = null;
    return this.open(device, (heard) => {
      if (heard.what === 'grams') this.grams = heard.grams;
    });
  }
}

/** The sensor at the crank, and the scale beside it. */
export const crankLink = new CrankLink();
export const scaleLink = new ScaleLink();
