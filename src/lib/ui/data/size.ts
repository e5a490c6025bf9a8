/** An amount of data in words. @example size(212_000_000) // '212 MB' */
export function size(bytes: number): string {
  const [n, unit] = bytes < 1e6 ? [bytes / 1e3, 'kB'] : bytes < 1e9 ? [bytes / 1e6, 'MB'] : [bytes / 1e9, 'GB'];
  if (unit === 'kB') return `${bytes > 0 ? Math.max(1, Math.round(n)) : 0} kB`;
  return `${n < 10 ? n.toFixed(1) : Math.round(n)} ${unit}`;
}
