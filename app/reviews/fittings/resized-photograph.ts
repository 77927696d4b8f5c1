/** No more is looked at on any screen. */
const LONGEST_SIDE_PX = 1600;
const QUALITY = 0.85;

/** The picture upright and no larger than is looked at, without what the camera wrote into it; null for what no browser can draw. */
export async function resizedPhotograph(file: Blob): Promise<Blob | null> {
  try {
    const picture = await createImageBitmap(file, { imageOrientation: "from-image" });
    const scale = Math.min(1, LONGEST_SIDE_PX / Math.max(picture.width, picture.height));
    const canvas = new OffscreenCanvas(Math.round(picture.width * scale), Math.round(picture.height * scale));
    const context = canvas.getContext("2d");
    if (!context) return null;
    context.fillStyle = "white";
    context.fillRect(0, 0, canvas.width, canvas.height);
    context.drawImage(picture, 0, 0, canvas.width, canvas.height);
    picture.close();
    return await canvas.convertToBlob({ type: "image/jpeg", quality: QUALITY });
  } catch {
    return null;
  }
}
