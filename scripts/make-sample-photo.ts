import { readFileSync, writeFileSync } from "node:fs";
import { draftGarment } from "@core/garment/index";
import { along, boxOf, flatten, line, mapPath, type Path, type Point, pathLength } from "@core/geometry/index";
import { readGarment } from "@core/spec/index";
import { KNOWN_SHEETS } from "@core/trace/index";
import { openBrowser, setSize } from "../e2e/browser";

/**
 * Makes the sample photograph that ships with the app: a drafted bodice on brown paper beside a sheet of A4, as a tilted camera
 * would see them, and the truth about it for the tests. `npx tsx scripts/make-sample-photo.ts`
 */
const PICTURE = "public/samples/pattern-photo.jpg";
const TRUTH = "core/testing/data/sample-photo.json";
const SIZE = { width: 1600, height: 1200 };
/** Radians; millimetres and picture points. */
const CAMERA = { tilt: 0.33, turn: 0.07, height: 1120, focal: 1800, looksAt: { x: 430, y: 285 } };
const PLACES_PER_EDGE = 13;

function photographed(p: Point): Point {
  const [x, y] = [p.x - CAMERA.looksAt.x, p.y - CAMERA.looksAt.y];
  const [cos, sin] = [Math.cos(CAMERA.turn), Math.sin(CAMERA.turn)];
  const [u, v] = [x * cos - y * sin, x * sin + y * cos];
  const depth = CAMERA.height - v * Math.sin(CAMERA.tilt);
  return {
    x: SIZE.width / 2 + (CAMERA.focal * u) / depth,
    y: SIZE.height / 2 + (CAMERA.focal * v * Math.cos(CAMERA.tilt)) / depth,
  };
}

const read = readGarment({
  format: "gamine-garment/1",
  unit: "cm",
  body: { bust: 96, waist: 77, hip: 102, shoulderWidth: 40.5, armholeGirth: 43, backLength: 41 },
  block: { source: "drafted", bodyLength: "waist", shaping: "none" },
});
if (!read.ok) throw new Error(read.issues.map((issue) => issue.message).join(" "));
const { block } = draftGarment(read.spec);
if (!block) throw new Error("the sample block does not draft");

const PLACES = {
  back: (p: Point): Point => ({ x: 35 + p.x, y: 45 + p.y }),
  front: (p: Point): Point => ({ x: 825 - p.x, y: 55 + p.y }),
};
const A4 = KNOWN_SHEETS[0];
/** Laid down by hand, so not quite straight. */
const SHEET_TURN = -0.03;
const sheet = [
  [0, 0],
  [A4.short, 0],
  [A4.short, A4.long],
  [0, A4.long],
].map(([x = 0, y = 0]) => ({
  x: 322 + x * Math.cos(SHEET_TURN) - y * Math.sin(SHEET_TURN),
  y: 236 + x * Math.sin(SHEET_TURN) + y * Math.cos(SHEET_TURN),
}));

const seen = (path: Path) => flatten(path, 40).map(photographed);
const data = (points: readonly Point[]) => `M${points.map((p) => `${p.x.toFixed(2)} ${p.y.toFixed(2)}`).join("L")}`;

function piece(side: "front" | "back"): string {
  const half = block?.[side];
  if (!half) return "";
  const place = (path: Path) => mapPath(path, PLACES[side]);
  const ends = [half.sideSeam.at(-1)?.[3], half.centre.at(-1)?.[3]] as [Point, Point];
  const outline = [
    ...seen(place(half.neckline.path)).reverse(),
    ...seen(place(half.shoulder.path)),
    ...seen(place(half.armhole.path)),
    ...seen(place(half.sideSeam)),
    ...seen(place(line(...ends))),
  ];
  const box = boxOf([half.armhole.path, half.centre]);
  const word = photographed(PLACES[side]({ x: 70, y: box.bottom * 0.72 }));
  return `<path d="${data(outline)}Z" fill="#c8a878" stroke="#2b2320" stroke-width="1.5" stroke-linejoin="round" filter="url(#shade)"/>
    <text x="${word.x}" y="${word.y}" font-family="serif" font-style="italic" font-size="30" fill="#4a3b30" text-anchor="middle">${side}</text>`;
}

const page = `<!doctype html><body style="margin:0"><svg xmlns="http://www.w3.org/2000/svg" width="${SIZE.width}" height="${SIZE.height}">
<defs>
<filter id="grain" x="0" y="0" width="100%" height="100%"><feTurbulence type="fractalNoise" baseFrequency="0.9" numOctaves="2" seed="4"/><feColorMatrix values="0 0 0 0 0.5  0 0 0 0 0.5  0 0 0 0 0.5  0 0 0 0.28 0"/></filter>
<filter id="shade"><feDropShadow dx="3" dy="5" stdDeviation="5" flood-opacity="0.45"/></filter>
<linearGradient id="light" x1="0" y1="0" x2="1" y2="1"><stop offset="0" stop-color="#fff" stop-opacity="0.22"/><stop offset="1" stop-color="#000" stop-opacity="0.25"/></linearGradient>
</defs>
<rect width="100%" height="100%" fill="#5f6f68"/>
<path d="${data(sheet.map(photographed))}Z" fill="#f3f1ea" filter="url(#shade)"/>
${piece("back")}${piece("front")}
<rect width="100%" height="100%" fill="url(#light)"/>
<rect width="100%" height="100%" filter="url(#grain)" opacity="0.8"/>
</svg></body>`;

const browser = await openBrowser(SIZE);
try {
  await setSize(browser.driver, SIZE.width, SIZE.height);
  await browser.driver.get(`data:text/html;charset=utf-8,${encodeURIComponent(page)}`);
  const shot = (await browser.driver.sendAndGetDevToolsCommand("Page.captureScreenshot", {
    format: "jpeg",
    quality: 84,
  })) as unknown as { readonly data: string };
  writeFileSync(PICTURE, Buffer.from(shot.data, "base64"));
} finally {
  await browser.close();
}

const edges = Object.fromEntries(
  (["front", "back"] as const).flatMap((side) =>
    (["armhole", "neckline", "shoulder"] as const).map((edge) => {
      const path = mapPath(block[side][edge].path, PLACES[side]);
      const length = pathLength(path);
      const places = Array.from({ length: PLACES_PER_EDGE }, (_, i) => {
        const p = photographed(along(path, (length * i) / (PLACES_PER_EDGE - 1)).point);
        return [Number(p.x.toFixed(2)), Number(p.y.toFixed(2))];
      });
      return [`${side}.${edge}`, { length: Number(length.toFixed(4)), places }];
    }),
  ),
);
const truth = {
  picture: SIZE,
  tiltDegrees: Math.round((CAMERA.tilt * 180) / Math.PI),
  sheet: sheet.map(photographed),
  edges,
};
writeFileSync(TRUTH, `${JSON.stringify(truth, null, 1)}\n`);
console.log(`${PICTURE}: ${readFileSync(PICTURE).length} bytes`);
