import * as z from 'zod/mini';
import { KINDS, type Kind } from '$lib/core/kinds';
import { kindWords, optionLabels } from '$lib/words';

/** The options of a kind as a JSON Schema, every option and choice with its label. */
function optionSchema({ code, options }: Kind): object {
  const schema = z.toJSONSchema(options, { io: 'input' });
  for (const [key, property] of Object.entries(schema.properties ?? {})) {
    const { title, help, empty, choices } = optionLabels(code, key);
    Object.assign(property as object, {
      title,
      ...(help ? { help } : {}),
      ...(empty === undefined ? {} : { empty }),
      ...(choices.length
        ? { choices: choices.map(({ help: line, ...choice }) => ({ ...choice, ...(line ? { help: line } : {}) })) }
        : {})
    });
  }
  return schema;
}

/** What a program needs to know of every kind: what it is, on which rings, and a JSON Schema of its options. */
export const kindList = (): object[] =>
  KINDS.map((kind) => {
    const { code, family, pins } = kind;
    const { title, blurb } = kindWords(code);
    return { code, title, blurb, family, pins, options: optionSchema(kind) };
  });
