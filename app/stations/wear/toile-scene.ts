import type { HalfPicture, ToilePicture } from "@core/toile/index";
import {
  AmbientLight,
  BufferAttribute,
  BufferGeometry,
  CanvasTexture,
  Color,
  DirectionalLight,
  DoubleSide,
  Group,
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
import { OrbitControls } from "three/examples/jsm/controls/OrbitControls.js";
import { strainShade } from "./strain-shades";

export type View = "front" | "back" | "side" | "above";
export type Surface = "plain" | "stripes" | "strain";

export type SceneChoices = {
  readonly surface: Surface;
  readonly hasLines: boolean;
  /** A toile that was kept to compare with, drawn beside. */
  readonly before: ToilePicture | null;
};

export type ToileScene = {
  readonly show: (picture: ToilePicture, choices: SceneChoices) => void;
  readonly lookFrom: (view: View) => void;
  /** Turns by so many degrees, as the arrow keys do. */
  readonly turn: (degrees: number) => void;
  readonly colours: (colours: Colours) => void;
  readonly resize: () => void;
  readonly picture: () => Promise<Blob | null>;
  readonly end: () => void;
};

export type Colours = {
  readonly background: string;
  readonly cloth: string;
  readonly body: string;
  readonly line: string;
};

/** Far enough to see a whole garment, in metres. */
const FAR = 2.1;
/** Two toiles beside each other are so far apart. */
const BESIDE = 0.52;
/** A stripe along the grain is so wide. */
const STRIPE = 0.02;

/** A scene in a box of the page, drawn only when something in it changes. Throws where the browser draws nothing in three dimensions. */
export function toileScene(box: HTMLElement, first: Colours): ToileScene {
  const renderer = new WebGLRenderer({ antialias: true, preserveDrawingBuffer: true });
  renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
  box.append(renderer.domElement);
  const scene = new Scene();
  const camera = new PerspectiveCamera(28, 1, 0.05, 20);
  const light = new DirectionalLight(0xffffff, 2.2);
  light.position.set(-0.8, 1.2, 1.6);
  const behind = new DirectionalLight(0xffffff, 1.1);
  behind.position.set(1.2, 0.6, -1.6);
  scene.add(light, behind, new AmbientLight(0xffffff, 0.9));
  const garments = new Group();
  scene.add(garments);
  const controls = new OrbitControls(camera, renderer.domElement);
  controls.enablePan = false;
  controls.minDistance = 0.5;
  controls.maxDistance = 6;
  let colours = first;
  let centre = -0.35;
  let size = 1;
  let asked = 0;
  const draw = () => {
    asked = 0;
    renderer.render(scene, camera);
  };
  const ask = () => {
    asked ||= requestAnimationFrame(draw);
  };
  controls.addEventListener("change", ask);
  const stripes = stripeTexture();

  const resize = () => {
    const { clientWidth, clientHeight } = box;
    if (clientWidth === 0 || clientHeight === 0) return;
    renderer.setSize(clientWidth, clientHeight);
    camera.aspect = clientWidth / clientHeight;
    camera.updateProjectionMatrix();
    ask();
  };
  const place = (x: number, y: number, z: number) => {
    controls.target.set(0, centre, 0);
    camera.position.set(x, y, z);
    controls.update();
    ask();
  };
  const lookFrom = (view: View) => {
    const off = FAR * Math.max(0.6, size);
    if (view === "front") place(0, centre, off);
    else if (view === "back") place(0, centre, -off);
    else if (view === "side") place(-off, centre, 0.001);
    else place(0, centre + off, 0.12);
  };
  const turn = (degrees: number) => {
    const angle = (degrees * Math.PI) / 180;
    const { x, y, z } = camera.position;
    place(x * Math.cos(angle) + z * Math.sin(angle), y, z * Math.cos(angle) - x * Math.sin(angle));
  };

  const show = (picture: ToilePicture, { surface, hasLines, before }: SceneChoices) => {
    clear(garments);
    const all = before ? [before, picture] : [picture];
    all.forEach((one, i) => {
      const group = new Group();
      group.position.x = before ? (i === 0 ? -BESIDE : BESIDE) : 0;
      for (const side of [1, -1])
        group.add(...halfOf(side === 1 ? one : (one.left ?? one), side, surface, hasLines, colours, stripes));
      garments.add(group);
    });
    const low = Math.min(...all.map((one) => one.low));
    const isFirst = size === 1;
    centre = (low + 0.06) / 2;
    size = Math.max(0.85, (0.1 - low) * 1.15) * (before ? 1.25 : 1);
    if (isFirst) lookFrom("front");
    ask();
  };

  return {
    show,
    lookFrom,
    turn,
    colours: (next) => {
      colours = next;
      scene.background = new Color(next.background);
      ask();
    },
    resize,
    picture: () => {
      draw();
      return new Promise((resolve) => renderer.domElement.toBlob(resolve, "image/png"));
    },
    end: () => {
      cancelAnimationFrame(asked);
      controls.dispose();
      clear(garments);
      stripes.dispose();
      renderer.dispose();
      renderer.domElement.remove();
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
  stripes: CanvasTexture,
) {
  // The wearer's right is on the left of whoever looks at her.
  const mirror = -side;
  const cloth = new BufferGeometry();
  cloth.setAttribute("position", new BufferAttribute(picture.places, 3));
  cloth.setAttribute("normal", new BufferAttribute(picture.normals, 3));
  cloth.setAttribute("uv", new BufferAttribute(picture.grain, 2));
  if (surface === "strain") cloth.setAttribute("color", new BufferAttribute(strainColours(picture.strain), 3));
  cloth.setIndex(new BufferAttribute(picture.triangles, 1));
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
    const seams = new BufferGeometry();
    seams.setAttribute("position", new BufferAttribute(picture.seams, 3));
    parts.push(new LineSegments(seams, new LineBasicMaterial({ color: colours.line })));
    const notches = new BufferGeometry();
    notches.setAttribute("position", new BufferAttribute(picture.notches, 3));
    parts.push(new Points(notches, new PointsMaterial({ color: colours.line, size: 5, sizeAttenuation: false })));
  }
  for (const part of parts) part.scale.x = mirror;
  return parts;
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
function stripeTexture(): CanvasTexture {
  const canvas = document.createElement("canvas");
  [canvas.width, canvas.height] = [64, 4];
  const context = canvas.getContext("2d");
  if (context) {
    context.fillStyle = "#fff";
    context.fillRect(0, 0, 64, 4);
    context.fillStyle = "#8a8f98";
    context.fillRect(0, 0, 20, 4);
  }
  const texture = new CanvasTexture(canvas);
  texture.wrapS = RepeatWrapping;
  texture.wrapT = RepeatWrapping;
  texture.repeat.set(1 / STRIPE, 1);
  texture.colorSpace = SRGBColorSpace;
  return texture;
}
