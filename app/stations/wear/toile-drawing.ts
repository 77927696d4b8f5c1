import type { HalfPicture, Side, ToilePicture } from "@core/toile/index";
import {
  AmbientLight,
  BufferAttribute,
  BufferGeometry,
  Color,
  DataTexture,
  DirectionalLight,
  DoubleSide,
  Group,
  LinearFilter,
  LineBasicMaterial,
  LineSegments,
  Mesh,
  MeshLambertMaterial,
  PerspectiveCamera,
  Points,
  PointsMaterial,
  RepeatWrapping,
  Scene,
  SRGBColorSpace,
  WebGLRenderer,
} from "three";
import { toCreasedNormals } from "three/examples/jsm/utils/BufferGeometryUtils.js";
import { LENS } from "./lens";
import { strainShade } from "./strain-shades";

export type Surface = "plain" | "stripes" | "strain";

export type SceneChoices = {
  readonly surface: Surface;
  readonly hasLines: boolean;
  /** A toile that was kept to compare with, drawn beside. */
  readonly before: ToilePicture | null;
};

export type Colours = {
  readonly background: string;
  readonly cloth: string;
  readonly body: string;
  readonly line: string;
};

/** From where a toile is looked at: a place in metres, and how the eye is turned (a quaternion). */
export type Look = {
  readonly place: readonly [number, number, number];
  readonly turned: readonly [number, number, number, number];
};

/** What draws a toile on a canvas. It touches nothing of the page, so that it can work beside it. */
export type ToileDrawing = {
  /** Draws, and is done once it is drawn. */
  readonly show: (picture: ToilePicture, choices: SceneChoices) => void;
  readonly look: (look: Look) => void;
  readonly colours: (colours: Colours) => void;
  /** Pixels of the page, and how many of the screen there are to each. */
  readonly resize: (width: number, height: number, ratio: number) => void;
  readonly picture: () => Promise<Blob | null>;
  readonly end: () => void;
};

/** Two toiles beside each other are so far apart. */
const BESIDE = 0.52;
/** A stripe along the grain is so wide. */
const STRIPE = 0.02;

/** Throws where the browser draws nothing in three dimensions. */
export function toileDrawing(canvas: HTMLCanvasElement | OffscreenCanvas, first: Colours): ToileDrawing {
  const renderer = new WebGLRenderer({ canvas, antialias: true, preserveDrawingBuffer: true });
  // To ask for errors waits until every shader is compiled.
  renderer.debug.checkShaderErrors = false;
  const scene = new Scene();
  const camera = new PerspectiveCamera(LENS.opens, 1, LENS.near, LENS.far);
  const light = new DirectionalLight(0xffffff, 2.2);
  light.position.set(-0.8, 1.2, 1.6);
  const behind = new DirectionalLight(0xffffff, 1.1);
  behind.position.set(1.2, 0.6, -1.6);
  scene.add(light, behind, new AmbientLight(0xffffff, 0.9));
  const garments = new Group();
  scene.add(garments);
  const stripes = stripeTexture();
  let colours = first;
  let asked = 0;
  const draw = () => {
    asked = 0;
    renderer.render(scene, camera);
  };
  const ask = () => {
    asked ||= requestAnimationFrame(draw);
  };
  return {
    show: (picture, { surface, hasLines, before }) => {
      clear(garments);
      const all = before ? [before, picture] : [picture];
      all.forEach((one, i) => {
        const group = new Group();
        group.position.x = before ? (i === 0 ? -BESIDE : BESIDE) : 0;
        for (const side of [1, -1])
          group.add(...halfOf(side === 1 ? one : (one.left ?? one), side, surface, hasLines, colours, stripes));
        garments.add(group);
      });
      draw();
    },
    look: ({ place, turned }) => {
      camera.position.set(...place);
      camera.quaternion.set(...turned);
      ask();
    },
    colours: (next) => {
      colours = next;
      scene.background = new Color(next.background);
      ask();
    },
    resize: (width, height, ratio) => {
      renderer.setPixelRatio(ratio);
      renderer.setSize(width, height, false);
      camera.aspect = width / height;
      camera.updateProjectionMatrix();
      ask();
    },
    picture: () => {
      draw();
      if ("convertToBlob" in canvas) return canvas.convertToBlob({ type: "image/png" });
      return new Promise((resolve) => canvas.toBlob(resolve, "image/png"));
    },
    end: () => {
      cancelAnimationFrame(asked);
      clear(garments);
      stripes.dispose();
      renderer.dispose();
    },
  };
}

function clear(group: Group): void {
  group.traverse((one) => {
    if (!(one instanceof Mesh || one instanceof LineSegments || one instanceof Points)) return;
    one.geometry.dispose();
    one.material.dispose();
  });
  group.clear();
}

/** One side of the body with what is worn on it; the other is its mirror image. */
function halfOf(
  picture: HalfPicture,
  side: number,
  surface: Surface,
  hasLines: boolean,
  colours: Colours,
  stripes: DataTexture,
) {
  // The wearer's right is on the left of whoever looks at her.
  const mirror = -side;
  const flat = new BufferGeometry();
  flat.setAttribute("position", new BufferAttribute(picture.places, 3));
  flat.setAttribute("uv", new BufferAttribute(picture.grain, 2));
  if (surface === "strain") flat.setAttribute("color", new BufferAttribute(strainColours(picture.strain), 3));
  // The right front laps over the left one: of that nothing is seen beyond the middle.
  const sides: readonly Side[] = side > 0 ? [picture, picture.over] : [picture];
  flat.setIndex(sides.flatMap(({ triangles }) => [...triangles]));
  const cloth = smoothed(flat);
  const material = new MeshLambertMaterial({
    color: surface === "strain" ? 0xffffff : colours.cloth,
    vertexColors: surface === "strain",
    map: surface === "stripes" ? stripes : null,
    side: DoubleSide,
    polygonOffset: true,
    polygonOffsetFactor: 1,
    polygonOffsetUnits: 1,
  });
  const body = new BufferGeometry();
  body.setAttribute("position", new BufferAttribute(picture.body.places, 3));
  body.setIndex(new BufferAttribute(picture.body.triangles, 1));
  body.computeVertexNormals();
  const parts: (Mesh | LineSegments | Points)[] = [
    new Mesh(cloth, material),
    new Mesh(body, new MeshLambertMaterial({ color: colours.body, side: DoubleSide })),
  ];
  if (hasLines) {
    const places = (of: (drawn: Side) => Float32Array) =>
      new BufferGeometry().setAttribute(
        "position",
        new BufferAttribute(Float32Array.from(sides.flatMap((drawn) => [...of(drawn)])), 3),
      );
    const thin = new LineBasicMaterial({ color: colours.line, transparent: true, opacity: 0.5 });
    parts.push(
      new LineSegments(
        places(({ seams }) => seams),
        new LineBasicMaterial({ color: colours.line }),
      ),
      new LineSegments(
        places(({ ends }) => ends),
        thin,
      ),
      new Points(
        places(({ notches }) => notches),
        new PointsMaterial({ color: colours.line, size: 5, sizeAttenuation: false }),
      ),
    );
  }
  for (const part of parts) part.scale.x = mirror;
  return parts;
}

/** Over this angle cloth is folded over, and both its sides are shaded by themselves. */
const FOLDED_OVER = (110 * Math.PI) / 180;

/** The cloth shaded smoothly, across seams too. What smooths it takes places to a hundredth of a unit for one: millimetres, not metres. */
function smoothed(cloth: BufferGeometry): BufferGeometry {
  const places = cloth.getAttribute("position");
  cloth.setAttribute(
    "position",
    new BufferAttribute(
      Float32Array.from(places.array, (at) => at * 1000),
      3,
    ),
  );
  const creased = toCreasedNormals(cloth, FOLDED_OVER).scale(0.001, 0.001, 0.001);
  straightInMiddle(creased);
  return creased;
}

/** Nearer to the middle the other half goes on. Metres. */
const IN_MIDDLE = 1e-4;

/** In the middle of the body cloth looks straight on: each half would else be shaded as if it ended there, with an edge between them. */
function straightInMiddle(cloth: BufferGeometry): void {
  const [places, normals] = [cloth.getAttribute("position"), cloth.getAttribute("normal")];
  for (let i = 0; i < places.count; i++) {
    const [y, z] = [normals.getY(i), normals.getZ(i)];
    const size = Math.hypot(y, z);
    if (Math.abs(places.getX(i)) < IN_MIDDLE && size > 0) normals.setXYZ(i, 0, y / size, z / size);
  }
}

function strainColours(strain: Float32Array): Float32Array {
  const colours = new Float32Array(strain.length * 3);
  const colour = new Color();
  strain.forEach((value, i) => {
    colour.setStyle(strainShade(value).colour);
    colours.set([colour.r, colour.g, colour.b], i * 3);
  });
  return colours;
}

/** Stripes along the grain, one light and one dark. */
function stripeTexture(): DataTexture {
  const [width, dark] = [64, 20];
  const shades = Uint8Array.from({ length: width * 4 }, (_, i) => (i / 4 < dark ? (DARK_STRIPE[i % 4] ?? 255) : 255));
  const texture = new DataTexture(shades, width, 1);
  texture.wrapS = RepeatWrapping;
  texture.wrapT = RepeatWrapping;
  texture.magFilter = LinearFilter;
  texture.minFilter = LinearFilter;
  texture.repeat.set(1 / STRIPE, 1);
  texture.colorSpace = SRGBColorSpace;
  texture.needsUpdate = true;
  return texture;
}

const DARK_STRIPE = [0x8a, 0x8f, 0x98, 0xff] as const;
