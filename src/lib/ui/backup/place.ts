import type { TombleDb } from '$lib/store/db';

/** A file on the disk that the knitter chose, where the browser can keep hold of one (File System Access). */
type Place = FileSystemFileHandle & {
  requestPermission?: (how: { mode: 'readwrite' }) => Promise<PermissionState>;
};
type Picker = (options: object) => Promise<Place>;

const picker = (): Picker | undefined => (window as unknown as { showSaveFilePicker?: Picker }).showSaveFilePicker;

/** Whether this browser can keep a place on the disk. */
export const canKeepPlace = (): boolean => picker() !== undefined;

/** The place that was chosen, or null. */
export async function keptPlace(db: TombleDb): Promise<Place | null> {
  return ((await db.settings.get('backup-place'))?.value as Place | undefined) ?? null;
}

/** Lets the knitter choose a place; null when none was chosen. */
export async function choosePlace(db: TombleDb): Promise<Place | null> {
  try {
    const place = await picker()!({
      suggestedName: 'tomble-backup.zip',
      types: [{ description: 'Backup', accept: { 'application/zip': ['.zip'] } }]
    });
    await db.settings.put({ key: 'backup-place', value: place });
    return place;
  } catch (error) {
    // Closed without choosing.
    if (error instanceof DOMException && error.name === 'AbortError') return null;
    throw error;
  }
}

/** Writes a backup to the place that was chosen. */
export async function writeTo(place: Place, bytes: Uint8Array<ArrayBuffer>): Promise<void> {
  if ((await place.requestPermission?.({ mode: 'readwrite' })) === 'denied')
    throw new DOMException('', 'SecurityError');
  const file = await place.createWritable();
  await file.write(bytes);
  await file.close();
}
