/** What the photograph test uses of a package that has no types of its own. */
declare module 'piexifjs' {
  type Facts = Readonly<Record<string, Readonly<Record<number, unknown>>>>;
  const piexif: {
    readonly ImageIFD: { readonly Make: number; readonly Orientation: number };
    readonly GPSIFD: {
      readonly GPSLatitudeRef: number;
      readonly GPSLatitude: number;
      readonly GPSLongitudeRef: number;
      readonly GPSLongitude: number;
    };
    dump(facts: Facts): string;
    insert(exif: string, jpeg: string): string;
  };
  export default piexif;
}
