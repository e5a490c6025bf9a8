import type { Words } from '../../words';
import { care } from './care';
import { look } from './look';
import { parts } from './parts';
import { size } from './size';
import { ofYarn } from './yarn';

/** Every judgement, by its code. */
export const findings: Words['findings'] = { ...size, ...parts, ...look, ...ofYarn, ...care };
