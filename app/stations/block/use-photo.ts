import { useCallback, useEffect, useState } from "react";

export type Photo = { readonly url: string; readonly width: number; readonly height: number };

const SAMPLE = "/samples/pattern-photo.jpg";
const LARGEST_BYTES = 40_000_000;
/** A browser shows no larger picture reliably. */
const LARGEST_SIDE = 12_000;

/** The photograph that is open. It is shown from this browser's memory and never sent anywhere. */
export function usePhoto() {
  const [photo, setPhoto] = useState<Photo | null>(null);
  const [problem, setProblem] = useState<string | null>(null);

  useEffect(() => {
    const url = photo?.url;
    return () => {
      if (url?.startsWith("blob:")) URL.revokeObjectURL(url);
    };
  }, [photo?.url]);

  const show = useCallback(async (url: string) => {
    const size = await sizeOf(url);
    if (!size) return setProblem("This is not a picture that can be shown. Open a PNG, JPEG or WebP file.");
    if (Math.max(size.width, size.height) > LARGEST_SIDE)
      return setProblem(`The picture is larger than ${LARGEST_SIDE} points a side: save it smaller and open it again.`);
    setProblem(null);
    setPhoto({ url, ...size });
  }, []);

  const open = useCallback(
    async (file: File | undefined) => {
      if (!file) return;
      if (file.size > LARGEST_BYTES)
        return setProblem(
          `The picture is larger than ${LARGEST_BYTES / 1_000_000} MB: save it smaller and open it again.`,
        );
      // Only what a browser decodes as a picture: an SVG could bring scripts and other pictures with it.
      if (!/^image\/(?:png|jpeg|webp)$/.test(file.type))
        return setProblem("Open a photograph or a scan as PNG, JPEG or WebP. A drawing is opened under “A drawing”.");
      await show(URL.createObjectURL(file));
    },
    [show],
  );

  const openSample = useCallback(() => show(SAMPLE), [show]);
  return { photo, problem, open, openSample };
}

function sizeOf(url: string): Promise<{ readonly width: number; readonly height: number } | null> {
  return new Promise((resolve) => {
    const image = new Image();
    image.onload = () => resolve({ width: image.naturalWidth, height: image.naturalHeight });
    image.onerror = () => resolve(null);
    image.src = url;
  });
}
