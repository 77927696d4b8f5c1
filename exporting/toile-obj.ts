import type { ToilePicture } from "@core/toile/index";

const DIGITS = 5;

/**
 * A worn toile as a Wavefront OBJ file, an open text format: metres, y up from the neck point, both halves, the cloth and the body each an object of
 * its own. Texture coordinates are the flat piece's, across and along the grain.
 */
export function writeToileObj({ places, grain, triangles, body }: ToilePicture, name: string): string {
  const lines = [`# ${name.replaceAll(/\s+/g, " ")}, worn; metres`, "o cloth"];
  const points = (list: Float32Array, side: number) => {
    for (let i = 0; i < list.length; i += 3)
      lines.push(
        `v ${((list[i] ?? 0) * side).toFixed(DIGITS)} ${(list[i + 1] ?? 0).toFixed(DIGITS)} ${(list[i + 2] ?? 0).toFixed(DIGITS)}`,
      );
  };
  // A mirrored half is wound the other way round, or it would be inside out.
  const faces = (list: Uint32Array, first: number, side: number, hasGrain: boolean) => {
    const corner = (i: number) => `${(list[i] ?? 0) + first}${hasGrain ? `/${(list[i] ?? 0) + 1}` : ""}`;
    for (let t = 0; t < list.length; t += 3)
      lines.push(
        `f ${corner(t)} ${side > 0 ? `${corner(t + 1)} ${corner(t + 2)}` : `${corner(t + 2)} ${corner(t + 1)}`}`,
      );
  };
  const count = places.length / 3;
  points(places, 1);
  points(places, -1);
  for (let i = 0; i < grain.length; i += 2)
    lines.push(`vt ${(grain[i] ?? 0).toFixed(DIGITS)} ${(grain[i + 1] ?? 0).toFixed(DIGITS)}`);
  faces(triangles, 1, 1, true);
  faces(triangles, 1 + count, -1, true);
  lines.push("o body");
  points(body.places, 1);
  points(body.places, -1);
  faces(body.triangles, 1 + 2 * count, 1, false);
  faces(body.triangles, 1 + 2 * count + body.places.length / 3, -1, false);
  return `${lines.join("\n")}\n`;
}
