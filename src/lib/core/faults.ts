import type * as z from 'zod/mini';
import { KINDS } from './kinds';
import { refsOf } from './kinds/refs';
import { type Kit, yarnsById } from './kit';
import type { beyond, Brief } from './plan';
import { echo, type Fault } from './quantity';

/** A fault with the path of the value it concerns, for programs. */
export interface PathFault extends Fault {
  readonly path: string;
}

const VOWEL = /^[aeiou]/;

/** "1 entry", "3 letters". */
function many(count: unknown, origin: string): string {
  const [one, more] = origin === 'string' ? ['letter', 'letters'] : ['entry', 'entries'];
  return `${String(count)} ${Number(count) === 1 ? one : more}`;
}

/** The rule that a schema of ours gave with the check. */
const ownRule = ({ message }: z.core.$ZodIssue): string | undefined =>
  message.startsWith('must') ? message : undefined;

/** What a Zod issue asks for, as a rule that begins with a verb. */
function ruleOf(issue: z.core.$ZodIssue): string {
  switch (issue.code) {
    case 'too_small':
      return issue.origin === 'string' || issue.origin === 'array'
        ? `must have at least ${many(issue.minimum, issue.origin)}`
        : `must be at least ${issue.minimum}`;
    case 'too_big':
      return issue.origin === 'string' || issue.origin === 'array'
        ? `must have at most ${many(issue.maximum, issue.origin)}`
        : `must be at most ${issue.maximum}`;
    case 'invalid_type':
      if (issue.expected === 'int') return 'must be a whole number';
      if (issue.expected === 'array') return 'must be a list';
      return `must be ${VOWEL.test(issue.expected) ? 'an' : 'a'} ${issue.expected}`;
    case 'invalid_value':
      return `must be one of ${issue.values.map(String).join(', ')}`;
    case 'unrecognized_keys':
      return `must not have ${issue.keys.join(', ')}`;
    case 'invalid_format':
      return ownRule(issue) ?? `must be a valid ${issue.format}`;
    case 'custom':
    case 'invalid_element':
    case 'invalid_key':
    case 'invalid_union':
    case 'not_multiple_of':
      return ownRule(issue) ?? 'must be valid';
  }
}

/** The value at a path of some input, for the part of a message that says what was received. */
function valueAt(input: unknown, path: readonly PropertyKey[]): unknown {
  return path.reduce<unknown>(
    (at, key) => (typeof at === 'object' && at !== null ? (at as Record<PropertyKey, unknown>)[key] : undefined),
    input
  );
}

/** `kit.machines[0].pins`, the way programs write a path. */
function showPath(path: readonly PropertyKey[]): string {
  return path.reduce<string>(
    (text, key) => (typeof key === 'number' ? `${text}[${key}]` : text ? `${text}.${String(key)}` : String(key)),
    ''
  );
}

/** More than anybody reads of one input that is wrong all over. */
const MOST_ISSUES = 200;

/**
 * Turns what Zod says into faults that name field, rule and what was received.
 *
 * @param error what a schema answered
 * @param input what it was given
 * @param under path the input stands at in the whole, for example ['brief', 'options']
 */
export function faultsOf(error: z.core.$ZodError, input: unknown, under: readonly PropertyKey[] = []): PathFault[] {
  return error.issues.slice(0, MOST_ISSUES).map((issue) => {
    const path = showPath([...under, ...issue.path]);
    return {
      code: issue.code,
      path,
      field: path || 'input',
      rule: ruleOf(issue),
      received: echo(valueAt(input, issue.path))
    };
  });
}

function missing(path: string, what: string, id: unknown): PathFault {
  return { code: 'unknown-id', path, field: path, rule: `must be the id of a ${what} in the kit`, received: echo(id) };
}

/** Ids in a brief that name nothing in the kit. Strands of a yarn that is gone are harmless. */
export function looseIds(kit: Kit, brief: Brief): PathFault[] {
  const known = {
    machine: (id: string) => kit.machines.some((m) => m.id === id),
    yarn: (id: string) => yarnsById(kit.yarns).has(id)
  };
  return refsOf(brief)
    .filter(({ what, id, path }) => !known[what](id) && !path.startsWith('strands.'))
    .map(({ what, id, path }) => missing(`brief.${path}`, what, id));
}

/** A brief of a kind that is none. */
export const unknownKind = (code: string): PathFault => ({
  code: 'unknown-kind',
  path: 'brief.kind',
  field: 'brief.kind',
  rule: `must be one of ${KINDS.map((kind) => kind.code).join(', ')}`,
  received: echo(code)
});

const ASKED = {
  stitches: 'stitches',
  rows: 'rows in all',
  copied: 'stitches in all copies',
  operations: 'sections and shapings',
  pieces: 'pieces that differ',
  apart: 'pieces that are sewn one by one'
} as const;

/** A plan larger than is ever knitted. */
export function tooLarge({ what, most, asked }: NonNullable<ReturnType<typeof beyond>>): PathFault {
  const rule = `must ask for at most ${most} ${ASKED[what]}`;
  return { code: 'too-large', path: 'brief.options', field: 'brief.options', rule, received: String(asked) };
}
