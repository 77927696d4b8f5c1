import type { ToilePicture } from "@core/toile/index";

const DIGITS = 5;

/**
 * A worn toile as a Wavefront OBJ file, an open text format: metres, y up from the neck point, both halves, the cloth and the body each an object of
 * its own. Texture coordinates are the flat piece's, across and along the grain.
 */
export function writeToileObj(picture: ToilePicture, name: string): string {
  const lines = [`# ${name.replaceAll(/\s+/g, " ")}, worn; metres`];
  let [written, textured] = [0, 0];
  // A mirrored half is wound the other way round, or it would be inside out.
  const put = (places: Float32Array, triangles: Uint32Array, side: number, grain: Float32Array | null) => {
    for (let i = 0; i < places.length; i += 3)
      lines.push(
        `v ${((places[i] ?? 0) * side).toFixed(DIGITS)} ${(places[i + 1] ?? 0).toFixed(DIGITS)} ${(places[i + 2] ?? 0).toFixed(DIGITS)}`,
      );
    for (let i = 0; grain && i < grain.length; i += 2)
      lines.push(`vt ${(grain[i] ?? 0).toFixed(DIGITS)} ${(grain[i + 1] ?? 0).toFixed(DIGITS)}`);
    const corner = (i: number) => {
      const point = triangles[i] ?? 0;
      return `${point + 1 + written}${grain ? `/${point + 1 + textured}` : ""}`;
    };
    for (let t = 0; t < triangles.length; t += 3)
      lines.push(
        `f ${corner(t)} ${side > 0 ? `${corner(t + 1)} ${corner(t + 2)}` : `${corner(t + 2)} ${corner(t + 1)}`}`,
      );
    written += places.length / 3;
    textured += (grain?.length ?? 0) / 2;
  };
  const left = picture.left ?? picture;
  lines.push("o cloth");
  // The right front laps over the left one, and what lies beyond the middle with it.
  put(picture.places, Uint32Array.from([...picture.triangles, ...picture.over.triangles]), 1, picture.grain);
  put(left.places, left.triangles, -1, left.grain);
  lines.push("o body");
  put(picture.body.places, picture.body.triangles, 1, null);
  put(left.body.places, left.body.triangles, -1, null);
  return `${lines.join("\n")}\n`;
}
