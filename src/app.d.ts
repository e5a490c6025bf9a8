import type { Swap } from '$lib/core/substitute';

declare global {
  namespace App {
    interface PageState {
      /** A yarn that was chosen elsewhere, to be put into the plan that is opened. */
      swap?: Swap;
    }
  }
}
