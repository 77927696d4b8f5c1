import type { beginDrawing } from "@app/workers/toile-drawing.worker";
import type { ToilePicture } from "@core/toile/index";
import { type Remote, transfer, wrap } from "comlink";
import { PerspectiveCamera } from "three";
import { OrbitControls } from "three/examples/jsm/controls/OrbitControls.js";
import { LENS } from "./lens";
import type { Colours, SceneChoices, ToileDrawing } from "./toile-drawing";

export type View = "front" | "back" | "side" | "above";

export type ToileScene = {
  /** Draws, and is done once it is drawn. */
  readonly show: (picture: ToilePicture, choices: SceneChoices) => Promise<void>;
  readonly lookFrom: (view: View) => void;
  /** Turns by so many degrees, as the arrow keys do. */
  readonly turn: (degrees: number) => void;
  readonly colours: (colours: Colours) => void;
  readonly resize: () => void;
  readonly picture: () => Promise<Blob | null>;
  readonly end: () => void;
};

/** Far enough to see a whole garment, in metres. */
const FAR = 2.1;

/**
 * A toile in a box of the page, turned with the pointer and drawn only when something in it changes: by a worker where the browser lets one draw, so
 * that the page is not held up. Rejects where the browser draws nothing in three dimensions.
 */
export async function toileScene(box: HTMLElement, colours: Colours): Promise<ToileScene> {
  const canvas = document.createElement("canvas");
  box.append(canvas);
  const { drawing, end } = await drawingOn(canvas, colours);
  const camera = new PerspectiveCamera(LENS.opens, 1, LENS.near, LENS.far);
  const controls = new OrbitControls(camera, canvas);
  controls.enablePan = false;
  controls.minDistance = 0.5;
  controls.maxDistance = 6;
  let centre = -0.35;
  let size = 1;
  let asked = 0;
  const look = () => {
    asked = 0;
    const { x, y, z } = camera.position;
    const { x: a, y: b, z: c, w } = camera.quaternion;
    void drawing.look({ place: [x, y, z], turned: [a, b, c, w] });
  };
  controls.addEventListener("change", () => {
    asked ||= requestAnimationFrame(look);
  });
  const place = (x: number, y: number, z: number) => {
    controls.target.set(0, centre, 0);
    camera.position.set(x, y, z);
    controls.update();
  };
  const lookFrom = (view: View) => {
    const off = FAR * Math.max(0.6, size);
    if (view === "front") place(0, centre, off);
    else if (view === "back") place(0, centre, -off);
    else if (view === "side") place(-off, centre, 0.001);
    else place(0, centre + off, 0.12);
  };
  return {
    show: async (picture, choices) => {
      const { before } = choices;
      const low = Math.min(picture.low, before?.low ?? picture.low);
      const isFirst = size === 1;
      centre = (low + 0.06) / 2;
      size = Math.max(0.85, (0.1 - low) * 1.15) * (before ? 1.25 : 1);
      if (isFirst) lookFrom("front");
      await drawing.show(picture, choices);
    },
    lookFrom,
    turn: (degrees) => {
      const angle = (degrees * Math.PI) / 180;
      const { x, y, z } = camera.position;
      place(x * Math.cos(angle) + z * Math.sin(angle), y, z * Math.cos(angle) - x * Math.sin(angle));
    },
    colours: (next) => void drawing.colours(next),
    resize: () => {
      const { clientWidth, clientHeight } = box;
      if (clientWidth === 0 || clientHeight === 0) return;
      void drawing.resize(clientWidth, clientHeight, Math.min(2, window.devicePixelRatio));
    },
    picture: async () => drawing.picture(),
    end: () => {
      cancelAnimationFrame(asked);
      controls.dispose();
      end();
      canvas.remove();
    },
  };
}

type Drawing = { readonly drawing: ToileDrawing | Remote<ToileDrawing>; readonly end: () => void };

async function drawingOn(canvas: HTMLCanvasElement, colours: Colours): Promise<Drawing> {
  if (!("transferControlToOffscreen" in canvas)) {
    const { toileDrawing } = await import("./toile-drawing");
    const drawing = toileDrawing(canvas, colours);
    return { drawing, end: drawing.end };
  }
  const worker = new Worker(new URL("../../workers/toile-drawing.worker.ts", import.meta.url), { type: "module" });
  const offscreen = canvas.transferControlToOffscreen();
  const drawing = await wrap<typeof beginDrawing>(worker)(transfer(offscreen, [offscreen]), colours);
  if (!drawing) {
    worker.terminate();
    throw new Error("This browser draws nothing in three dimensions.");
  }
  return { drawing: drawing as unknown as Remote<ToileDrawing>, end: () => worker.terminate() };
}
