import type { Amended, ObservationId } from "@core/fitting/index";
import type { Stage } from "@core/garment/index";

export type DemoGarment = {
  readonly name: string;
  readonly file: Readonly<Record<string, unknown>>;
  readonly stage?: Stage;
  /** Days from the day on which the demo is made; less than none is past. */
  readonly dueIn?: number;
  readonly fittingIn?: number;
  /** A try-on some days ago, and what was changed for it. */
  readonly fitting?: {
    readonly daysAgo: number;
    readonly note: string;
    readonly seen: readonly { readonly what: ObservationId; readonly words: string }[];
    readonly changes: readonly Amended[];
  };
};
export type DemoClient = {
  readonly name: string;
  readonly note: string;
  readonly takenOn: string;
  /** Inches. */
  readonly body: Readonly<Record<string, number>>;
  /** Earlier measurings, oldest first, inches. */
  readonly before?: readonly { readonly takenOn: string; readonly body: Readonly<Record<string, number>> }[];
  readonly garments: readonly DemoGarment[];
};
