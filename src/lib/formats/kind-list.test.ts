import Ajv2020 from 'ajv/dist/2020.js';
import { describe, expect, it } from 'vitest';
import { sampleKit } from '../../../tests/support/sample';
import { KINDS } from '$lib/core/kinds';
import { kindList } from './kind-list';

describe('the list of kinds', () => {
  it('has a schema for each, and every start is valid under it (checked by ajv, JSON Schema 2020-12)', () => {
    const kit = sampleKit();
    const list = JSON.parse(JSON.stringify(kindList())) as { code: string; options: object }[];
    expect(list.map((entry) => entry.code)).toEqual(KINDS.map((kind) => kind.code));
    const ajv = new Ajv2020({ strict: false });
    for (const kind of KINDS) {
      const validate = ajv.compile(list.find((entry) => entry.code === kind.code)!.options);
      expect(validate(kind.start(kit, 'm')), `${kind.code}: ${ajv.errorsText(validate.errors)}`).toBe(true);
      expect(validate({ ...kind.start(kit, 'm'), yarn: 7, sections: 'none', footMm: 'long' })).toBe(false);
    }
  });
});
