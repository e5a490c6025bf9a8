/// <reference types="w3c-web-serial" />
import type { Device } from './device';
import { LineCutter, readLine } from './lines';

/** Speed that small boards use unless told otherwise (common practice, no source). */
const BAUD = 9600;

/** Whether this browser lets a page talk to a serial port (Web Serial, W3C Community Group). */
export const serialOffered = (): boolean => typeof navigator !== 'undefined' && 'serial' in navigator;

/** A sensor or scale on a serial port that sends lines; the browser asks which one, and asks only after a press. */
export const serialDevice = (kind: Device['kind']): Device => ({
  kind,
  name: kind === 'crank' ? 'Sensor on a serial port' : 'Scale on a serial port',
  open: async (hear, lost) => {
    const port = await navigator.serial.requestPort();
    await port.open({ baudRate: BAUD });
    const reader = port.readable!.getReader();
    const decoder = new TextDecoder();
    const cutter = new LineCutter();
    let on = true;
    const listen = async (): Promise<void> => {
      try {
        for (;;) {
          const { value, done } = await reader.read();
          if (done) break;
          for (const line of cutter.add(decoder.decode(value, { stream: true }))) {
            const heard = readLine(line, performance.now());
            if (heard) hear(heard);
          }
        }
      } catch (error) {
        if (on) lost?.(error instanceof Error ? error.message : String(error));
        return;
      }
      if (on) lost?.('the port was closed');
    };
    void listen();
    return async () => {
      on = false;
      await reader.cancel();
      reader.releaseLock();
      await port.close();
    };
  }
});
