/** What a plotter's pens drew, in millimetres, y up from the lower edge of the roll. */
export type Drawn = {
  readonly lines: readonly { readonly pen: number; readonly points: readonly (readonly [x: number, y: number])[] }[];
  readonly labels: number;
  /** Of the roll, from its end to the last line. */
  readonly used: number;
  /** How far the pens were carried without drawing, and drawing. */
  readonly travel: number;
  readonly drawing: number;
  /** Lines that ran off the roll: it draws nothing there. */
  readonly offSheet: number;
  /** Orders that it does not know, each once: they are passed over. */
  readonly unknown: readonly string[];
};

const MM_PER_UNIT = 1 / 40;
/** Orders after which the pen neither moves nor draws. */
const WITHOUT_MOVE: ReadonlySet<string> = new Set(["IN", "DF", "DI", "SI", "SR", "VS", "LT", "PG", "PA", "CT"]);
const END_OF_LABEL = String.fromCharCode(3);
/** Numbers further out than this are a broken file. */
const MOST_UNITS = 40 * 100_000;

/** Draws as an HPGL plotter with a roll of this width does (IN SP PU PD PA DI SI LB PG; fortieths of a millimetre, absolute). Never throws. */
export function drawHpgl(text: string, rollWidth: number): Drawn {
  const lines: { pen: number; points: (readonly [number, number])[] }[] = [];
  const unknown = new Set<string>();
  let [x, y, pen, isDown] = [0, 0, 0, false];
  let [labels, used, travel, drawing, offSheet] = [0, 0, 0, 0, 0];
  const moveTo = (toX: number, toY: number) => {
    const length = Math.hypot(toX - x, toY - y);
    const isOff = toY < -OFF_MM || toY > rollWidth + OFF_MM || toX < -OFF_MM;
    if (isDown) {
      drawing += length;
      if (isOff) offSheet++;
      const last = lines.at(-1);
      if (last && last.pen === pen && last.points.length > 0 && isSame(last.points.at(-1), x, y))
        last.points.push([toX, toY]);
      else
        lines.push({
          pen,
          points: [
            [x, y],
            [toX, toY],
          ],
        });
      used = Math.max(used, x, toX);
    } else travel += length;
    [x, y] = [toX, toY];
  };
  for (const { order, figures, label } of ordersOf(text)) {
    if (label !== null) labels++;
    else if (order === "SP") pen = figures[0] ?? 0;
    else if (order === "PU" || order === "PD") {
      isDown = order === "PD";
      // A pen that is put down begins a line of its own.
      if (isDown && lines.at(-1)?.points.length === 0) lines.pop();
      for (let i = 0; i + 1 < figures.length; i += 2)
        moveTo((figures[i] ?? 0) * MM_PER_UNIT, (figures[i + 1] ?? 0) * MM_PER_UNIT);
    } else if (!WITHOUT_MOVE.has(order)) unknown.add(order);
  }
  return { lines, labels, used, travel, drawing, offSheet, unknown: [...unknown] };
}

const OFF_MM = 0.05;
const isSame = (p: readonly [number, number] | undefined, x: number, y: number) =>
  p !== undefined && p[0] === x && p[1] === y;

function* ordersOf(
  text: string,
): Generator<{ readonly order: string; readonly figures: readonly number[]; readonly label: string | null }> {
  let i = 0;
  while (i < text.length) {
    const order = text.slice(i, i + 2).toUpperCase();
    if (!/^[A-Z]{2}$/.test(order)) {
      i++;
      continue;
    }
    if (order === "LB") {
      const end = text.indexOf(END_OF_LABEL, i);
      const stop = end < 0 ? text.length : end;
      yield { order, figures: [], label: text.slice(i + 2, stop) };
      i = stop + 1;
      continue;
    }
    let stop = i + 2;
    while (stop < text.length && /[-+.\d,\s]/.test(text.charAt(stop))) stop++;
    const figures = (text.slice(i + 2, stop).match(/[-+]?\d+(?:\.\d+)?/g) ?? [])
      .map(Number)
      .filter((value) => Math.abs(value) <= MOST_UNITS);
    yield { order, figures, label: null };
    i = stop;
  }
}
