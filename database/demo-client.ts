export type DemoGarment = { readonly name: string; readonly file: Readonly<Record<string, unknown>> };
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
