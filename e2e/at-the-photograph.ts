import { By, Key, until } from "selenium-webdriver";
import type { Browser } from "./browser";
import { PATIENCE_MS } from "./person";

/** What the sample photograph shows: where its sheet of known size lies, and its edges with places along them. */
export type Truth = {
  readonly sheet: readonly { readonly x: number; readonly y: number }[];
  readonly edges: Readonly<
    Record<string, { readonly length: number; readonly places: readonly (readonly [number, number])[] }>
  >;
};

/** How near to the edge of the sheet a place may lie to be pointed at, in screen points. */
const INSIDE_PX = 60;

/** Presses on the place of the picture: moved into sight first with the arrow keys, as a person does who has zoomed in. */
export async function point({ driver }: Browser, x: number, y: number) {
  const sheet = await driver.findElement(By.css("[data-photo]"));
  const rect = await sheet.getRect();
  for (let i = 0; i < 60; i++) {
    const [scale, left, top] = (await Promise.all(
      ["data-scale", "data-left", "data-top"].map(async (name) => Number(await sheet.getAttribute(name))),
    )) as [number, number, number];
    const at = { x: left + x * scale, y: top + y * scale };
    const key =
      at.x < INSIDE_PX
        ? Key.ARROW_LEFT
        : at.x > rect.width - INSIDE_PX
          ? Key.ARROW_RIGHT
          : at.y < INSIDE_PX
            ? Key.ARROW_UP
            : at.y > rect.height - INSIDE_PX
              ? Key.ARROW_DOWN
              : null;
    if (key === null) {
      await driver
        .actions({ async: true })
        .move({ x: Math.round(rect.x + at.x), y: Math.round(rect.y + at.y) })
        .press()
        .release()
        .perform();
      return;
    }
    await sheet.sendKeys(key);
  }
  throw new Error(`the place ${x}, ${y} does not come into sight`);
}

/** Chooses a plain picture of this size as the photograph. */
export async function takePicture({ driver }: Browser, width: number, height: number): Promise<void> {
  const input = await driver.wait(until.elementLocated(By.css('input[type="file"][accept*="image"]')), PATIENCE_MS);
  await driver.executeAsyncScript(
    `const [input, width, height, done] = arguments;
     const canvas = document.createElement("canvas");
     canvas.width = width; canvas.height = height;
     canvas.toBlob((blob) => {
       const files = new DataTransfer();
       files.items.add(new File([blob], width + ".png", { type: "image/png" }));
       input.files = files.files;
       input.dispatchEvent(new Event("change", { bubbles: true }));
       done();
     });`,
    input,
    width,
    height,
  );
}

/** Of the places, the share beside which the picture has its dark pencil line, looked for in the picture's own points. */
export async function darkShare({ driver }: Browser, places: readonly (readonly [number, number])[]): Promise<number> {
  return driver.executeAsyncScript<number>(
    `const [places, done] = arguments;
     const image = new Image();
     image.onload = () => {
       const canvas = document.createElement("canvas");
       canvas.width = image.naturalWidth; canvas.height = image.naturalHeight;
       const context = canvas.getContext("2d", { willReadFrequently: true });
       context.drawImage(image, 0, 0);
       const dark = places.filter(([x, y]) => {
         const darkest = (cx, cy) => {
           const { data } = context.getImageData(Math.round(cx) - 2, Math.round(cy) - 2, 5, 5);
           let found = 255;
           for (let i = 0; i < data.length; i += 4) found = Math.min(found, (data[i] + data[i + 1] + data[i + 2]) / 3);
           return found;
         };
         // The paper on one side is light, the table and the paper's shadow on the other darker; the line is darker than all.
         const around = [[12, 0], [-12, 0], [0, 12], [0, -12]].map(([dx, dy]) => darkest(x + dx, y + dy)).sort((a, b) => a - b);
         return darkest(x, y) < around[2] * 0.8;
       });
       done(dark.length / places.length);
     };
     image.src = "/samples/pattern-photo.jpg";`,
    places,
  );
}
