import type { Readings } from '$lib/core/tomble';

let known: Promise<(kind: string) => Readings> | undefined;

/** Plans of any kind as it begins, with the machines and yarns of the demo, each made once. */
export function examples(): Promise<(kind: string) => Readings> {
  known ??= Promise.all([import('$lib/core/tomble'), import('$lib/demo/kit'), import('$lib/store/projects')]).then(
    ([{ plan }, { demoKit }, { newBrief }]) => {
      const made = new Map<string, Readings>();
      return (kind) => {
        const before = made.get(kind);
        if (before) return before;
        const result = plan(demoKit, newBrief(demoKit, kind, demoKit.machines[0]!.id));
        made.set(kind, result);
        return result;
      };
    }
  );
  return known;
}
