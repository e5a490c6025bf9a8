import type { Verdict, VerdictCode } from '$lib/core/read';
import type { Words } from '../words';
import type { Voice } from '../voice';

const CODES: Readonly<Record<VerdictCode, string>> = {
  'too-small': 'too small',
  tight: 'tight',
  snug: 'snug',
  fits: 'fits',
  loose: 'loose',
  'too-large': 'too large'
};

/** Room round a garment: "5 cm of room", "no room", "3 cm too small". */
function room(mm: number, v: Voice): string {
  if (Math.abs(mm) < 5) return 'no room';
  return mm > 0 ? `${v.len(mm)} of room` : `${v.len(-mm)} too small`;
}

/** What it may be as well, at the ends of its range. */
function could({ code, atLow, atHigh, low, by }: Verdict, v: Voice): string {
  if (by === 'room' && atLow !== code) return `, could be ${low < 5 ? (low > -5 ? 'none' : room(low, v)) : v.len(low)}`;
  // Snug for easy, or the other way about, is no news.
  const others = [...new Set([atLow, atHigh])].filter(
    (other) => other !== code && other !== 'fits' && other !== 'snug'
  );
  return others.length > 0 ? `, could be ${others.map((other) => CODES[other]).join(' or ')}` : '';
}

/** How it fits what it was measured for. */
export const verdict: Words['verdict'] = (of, v) => {
  const measure = v.len(of.measureMm);
  if (of.by === 'room') {
    const loose = of.code === 'loose' ? ', loose' : '';
    return `${v.sentence(of.over)} ${measure}: ${room(of.roomMm, v)}${loose}${could(of, v)}`;
  }
  const over = of.over === 'head' ? '' : ` round the ${of.over}`;
  if (of.code === 'too-small' || of.code === 'too-large')
    return `${v.sentence(CODES[of.code])} for ${measure}${over}${could(of, v)}`;
  return `Fits ${measure}${over}${of.code === 'fits' ? '' : `: ${CODES[of.code]}`}${could(of, v)}`;
};
