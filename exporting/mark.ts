import type { Point } from "@core/geometry/index";

/** What is drawn on a sheet, in millimetres, y down. Writers only draw these; they decide nothing. */
export type Mark =
  | { readonly kind: "line"; readonly style: LineStyle; readonly data: string }
  | {
      readonly kind: "text";
      readonly at: Point;
      readonly text: string;
      readonly size: number;
      readonly anchor: "start" | "middle";
      /** Degrees, clockwise on the page. */
      readonly turn: number;
    };

export type TextMark = Extract<Mark, { readonly kind: "text" }>;

export type LineStyle = "cutting" | "sewn" | "stitching" | "fold" | "notch" | "grain" | "level";

/** Line widths in millimetres: the stitching line as a sharp pencil draws it. */
export const LINE_WIDTHS: Readonly<Record<LineStyle, number>> = {
  cutting: 0.5,
  sewn: 0.3,
  stitching: 0.5,
  fold: 0.35,
  notch: 0.5,
  grain: 0.35,
  level: 0.2,
};
/** Dash and gap in millimetres; whole where there is none. */
export const LINE_DASHES: Readonly<Partial<Record<LineStyle, readonly [number, number]>>> = {
  fold: [6, 3],
  sewn: [4, 2],
  level: [1, 3],
};
