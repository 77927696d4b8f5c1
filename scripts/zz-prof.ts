import { type Garment, sketchGarment } from "../core/garment";
import { applyChange } from "../core/spec";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "../core/starting";

const [id, mode, n] = process.argv.slice(2);
const point = STARTING_POINTS.find((p) => p.id === id)!;
const spec = startedFrom(point, MIDDLE_BODY)!;
const wave = (i: number) => Math.sin(i / 7) * 6;
let before: Garment | undefined = mode === "whole" ? undefined : sketchGarment(spec);
const times: number[] = [];
for (let i = 0; i < Number(n ?? 300); i++) {
  const change =
    mode === "whole"
      ? { body: { bust: (MIDDLE_BODY.bust ?? 940) + wave(i), shoulderWidth: 390 + wave(i) / 6 } }
      : mode === "sleeve"
        ? { sleeve: { length: 450 + wave(i), capHeightChange: wave(i) / 4 } }
        : mode === "collar"
          ? { collar: { height: 40 + wave(i) / 3 } }
          : { body: { backLength: 405 + wave(i) } };
  const s = applyChange(spec, change as never);
  const t = performance.now();
  const g = sketchGarment(s, before);
  times.push(performance.now() - t);
  if (mode !== "whole") before = g;
}
times.sort((a, b) => a - b);
console.log(id, mode, times[times.length >> 1]!.toFixed(2));
