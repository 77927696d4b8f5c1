import sharp from "sharp";
import { describe, expect, it } from "vitest";
import { readPhotograph } from "./read-photograph";

const picture = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: "#8899aa" } });
/** Some camera's notes, of where it stood among them. */
const NOTES = { IFD0: { Make: "Camera" }, IFD3: { GPSLatitudeRef: "N", GPSLatitude: "59/1 54/1 0/1" } };

describe("a photograph that is sent", () => {
  it("is made smaller, and nothing of where it was taken is left (reference: sharp reads the metadata back)", async () => {
    const sent = await picture(2400, 1800).jpeg().withExif(NOTES).toBuffer();
    expect((await sharp(sent).metadata()).exif).toBeDefined();
    const read = await readPhotograph(sent);
    if (!read.ok) throw new Error(read.sentence);
    expect([read.width, read.height]).toEqual([1600, 1200]);
    const kept = await sharp(read.jpeg).metadata();
    expect(kept.format).toBe("jpeg");
    expect(kept.exif).toBeUndefined();
    expect(Buffer.from(read.jpeg).includes("GPS")).toBe(false);
  });

  it("is turned upright as the camera noted", async () => {
    const read = await readPhotograph(await picture(300, 200).jpeg().withMetadata({ orientation: 6 }).toBuffer());
    expect(read).toMatchObject({ ok: true, width: 200, height: 300 });
  });

  it.each([
    [
      "a drawing that can hold a script",
      Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>'),
    ],
    ["a page", Buffer.from("<!doctype html><script>alert(1)</script>")],
    ["nothing", Buffer.alloc(0)],
    ["a PDF", Buffer.from("%PDF-1.7\n")],
  ])("is refused where it is %s", async (_what, sent) => {
    expect((await readPhotograph(sent)).ok).toBe(false);
  });

  it("is refused where it is cut off in the middle", async () => {
    const whole = await picture(800, 600).png().toBuffer();
    expect((await readPhotograph(whole.subarray(0, whole.length / 2))).ok).toBe(false);
  });
});
