import * as z from 'zod/mini';
import { kindOf } from '$lib/core/kinds';
import type { Project } from '$lib/store/records/project';

/**
 * Whether this version knows the kind of a project and every one of its choices. One that it does not know, left out, would make
 * another plan.
 *
 * @param project from a backup that a newer version may have written
 */
export function isReadable({ brief }: Pick<Project, 'brief'>): boolean {
  const kind = kindOf(brief.kind);
  if (!kind) return false;
  const fields = kind.options.shape as Readonly<Record<string, z.ZodMiniType>>;
  return Object.entries(brief.options).every(
    ([key, value]) => Object.hasOwn(fields, key) && fields[key]!.safeParse(value).success
  );
}
