import { readFigure } from "./lengths";

export type Attributes = Readonly<Record<string, string>>;

/** A basic shape as path data, in its own user units; null for other elements and for figures that are none. */
export function shapeData(element: string, attributes: Attributes): string | null {
  const figure = (name: string, fallback = 0) => readFigure(attributes[name], fallback) ?? Number.NaN;
  const data = dataOf(element, attributes, figure);
  return data === null || /NaN|Infinity/.test(data) ? null : data;
}

function dataOf(
  element: string,
  attributes: Attributes,
  figure: (name: string, fallback?: number) => number,
): string | null {
  switch (element) {
    case "path":
      return attributes.d ?? null;
    case "line":
      return `M${figure("x1")} ${figure("y1")}L${figure("x2")} ${figure("y2")}`;
    case "polyline":
      return points(attributes.points, false);
    case "polygon":
      return points(attributes.points, true);
    case "rect":
      return rectangle(figure("x"), figure("y"), figure("width"), figure("height"));
    case "circle":
      return ellipse(figure("cx"), figure("cy"), figure("r"), figure("r"));
    case "ellipse":
      return ellipse(figure("cx"), figure("cy"), figure("rx"), figure("ry"));
    default:
      return null;
  }
}

function points(text: string | undefined, isClosed: boolean): string | null {
  const figures = (text ?? "").trim().split(/[\s,]+/);
  if (figures.length < 4 || figures.some((figure) => !Number.isFinite(Number(figure)))) return null;
  return `M${figures.slice(0, figures.length - (figures.length % 2)).join(" ")}${isClosed ? "Z" : ""}`;
}

/** Rounded corners are left square: no pattern edge is drawn as one. */
function rectangle(x: number, y: number, width: number, height: number): string | null {
  return width > 0 && height > 0 ? `M${x} ${y}h${width}v${height}h${-width}Z` : null;
}

function ellipse(cx: number, cy: number, rx: number, ry: number): string | null {
  if (!(rx > 0 && ry > 0)) return null;
  return `M${cx - rx} ${cy}A${rx} ${ry} 0 0 1 ${cx + rx} ${cy}A${rx} ${ry} 0 0 1 ${cx - rx} ${cy}Z`;
}
