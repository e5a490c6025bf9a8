/**
 * Text that a spreadsheet may run as a formula: it begins with one of its signs, in any width, with or without apostrophes before
 * it. Written with an apostrophe before it, it is shown as it is (OWASP, CSV Injection).
 */
export const FORMULA = /^'*[=+\-@\t\r\uFF1D\uFF0B\uFF0D\uFF20]/;

/**
 * A cell without the apostrophe that made it harmless on the way out.
 *
 * @example withoutGuard("'=A1") // '=A1'
 */
export const withoutGuard = (cell: string): string => (cell.startsWith("'") && FORMULA.test(cell) ? cell.slice(1) : cell); // prettier-ignore
