import Papa from 'papaparse';
import type { Project } from '$lib/store/records/project';
import { FORMULA } from '../formula';

/** Finished pieces as CSV: what was planned beside what was measured. Formulas are made harmless. */
export function logTable(projects: readonly Project[]): string {
  const fields = ['name', 'kind', 'finished', 'rows', 'planned length mm', 'measured length mm', 'planned flat width mm', 'measured flat width mm', 'minutes', 'machine', 'yarns', 'note']; // prettier-ignore
  const data = projects.flatMap(({ brief, measured }) =>
    measured
      ? [
          [
            brief.name,
            brief.kind,
            measured.at.slice(0, 10),
            measured.planned.rows,
            measured.planned.lengthMm,
            measured.lengthMm ?? '',
            measured.planned.flatWidthMm,
            measured.flatWidthMm ?? '',
            measured.minutes ?? '',
            measured.planned.machine,
            measured.planned.yarns.join('; '),
            measured.note
          ]
        ]
      : []
  );
  return `\uFEFF${Papa.unparse({ fields, data }, { escapeFormulae: FORMULA, newline: '\n' })}\n`;
}
