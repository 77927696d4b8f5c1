import { sketchGarment } from "@core/garment/index";
import { MIDDLE_BODY, STARTING_POINTS, startedFrom } from "@core/starting/index";
import { COARSE, ended, pictureOf, wear } from "@core/toile/index";
import { Mesh } from "three";
import { OBJLoader } from "three/examples/jsm/loaders/OBJLoader.js";
import { describe, expect, it } from "vitest";
import { writeToileObj } from "./toile-obj";

describe("a worn toile as an open 3-D file", () => {
  it("is read back by another program's reader with both halves of cloth and body, and as tall as it hangs (reference reader: three)", () => {
    const point = STARTING_POINTS.find(({ id }) => id === "t-shirt");
    const spec = point && startedFrom(point, MIDDLE_BODY);
    if (!spec) throw new Error("there is a T-shirt");
    const worn = ended(wear(sketchGarment(spec), COARSE));
    if ("why" in worn) throw new Error(worn.why);
    const picture = pictureOf(worn);
    const meshes = new OBJLoader()
      .parse(writeToileObj(picture, "T-shirt"))
      .children.filter((one) => one instanceof Mesh);
    expect(meshes.map(({ name }) => name)).toEqual(["cloth", "body"]);
    const [cloth, body] = meshes;
    // The reader gives each triangle three points of its own.
    expect(cloth?.geometry.getAttribute("position").count).toBe(2 * picture.triangles.length);
    expect(body?.geometry.getAttribute("position").count).toBe(2 * picture.body.triangles.length);
    cloth?.geometry.computeBoundingBox();
    const box = cloth?.geometry.boundingBox;
    expect(box?.min.y).toBeCloseTo(picture.low, 3);
    expect(box?.max.x).toBeCloseTo(-(box?.min.x ?? 0), 4);
  });
});
