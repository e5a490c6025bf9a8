import { planText, type TextAnswer } from './plan-text';

/** What a thread of the server does with one request; it says how long it took, in milliseconds. */
export default function planned(text: string): TextAnswer & { readonly ms: number } {
  const began = performance.now();
  const answer = planText(text);
  return { ...answer, ms: performance.now() - began };
}
