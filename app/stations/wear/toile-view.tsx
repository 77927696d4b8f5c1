import { usePreferences } from "@app/components/preferences";
import { Box } from "@chakra-ui/react";
import type { ToilePicture } from "@core/toile/index";
import { type KeyboardEvent, memo, type RefObject, useEffect, useImperativeHandle, useRef, useState } from "react";
import type { Colours, Surface } from "./toile-drawing";
import type { ToileScene, View } from "./toile-scene";

export type ToileHandle = { readonly lookFrom: (view: View) => void; readonly picture: () => Promise<Blob | null> };

type Props = {
  readonly picture: ToilePicture | null;
  readonly before: ToilePicture | null;
  readonly surface: Surface;
  readonly hasLines: boolean;
  readonly handle: RefObject<ToileHandle | null>;
};

const COLOURS: Readonly<Record<"light" | "dark", Colours>> = {
  light: { background: "#f7f4ee", cloth: "#dfe3ea", body: "#a99c8e", line: "#33445c" },
  dark: { background: "#1d2127", cloth: "#c9ced8", body: "#6f665d", line: "#10151c" },
};

/** What the arrow keys turn it by. */
const TURN = 15;

/** The toile to look at from all round: dragged, or turned with the arrow keys. */
export const ToileView = memo(function ToileView({ picture, before, surface, hasLines, handle }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const [scene, setScene] = useState<ToileScene | null>(null);
  const [isFlat, setIsFlat] = useState(false);
  const [isDrawn, setIsDrawn] = useState(false);
  const { look } = usePreferences();
  const firstLook = useRef(look);
  useEffect(() => {
    let own: ToileScene | null = null;
    let isGone = false;
    // What draws in three dimensions is large: it comes when a toile is looked at, and not before.
    const begin = async (inside: HTMLElement) => {
      const { toileScene } = await import("./toile-scene");
      if (isGone) return;
      const begun = await toileScene(inside, COLOURS[firstLook.current]);
      if (isGone) return begun.end();
      own = begun;
      own.resize();
      setScene(own);
    };
    if (box.current) begin(box.current).catch(() => setIsFlat(true));
    return () => {
      isGone = true;
      own?.end();
    };
  }, []);
  useEffect(() => {
    if (!scene || !box.current) return;
    const observer = new ResizeObserver(scene.resize);
    observer.observe(box.current);
    return () => observer.disconnect();
  }, [scene]);
  useEffect(() => {
    let isCurrent = true;
    scene?.colours(COLOURS[look]);
    if (picture)
      void scene?.show(picture, { surface, hasLines, before }).then(() => {
        if (isCurrent) setIsDrawn(true);
      });
    return () => {
      isCurrent = false;
    };
  }, [scene, picture, surface, hasLines, before, look]);
  useImperativeHandle(
    handle,
    () => ({
      lookFrom: (view) => scene?.lookFrom(view),
      picture: () => scene?.picture() ?? Promise.resolve(null),
    }),
    [scene],
  );
  const onKey = (event: KeyboardEvent) => {
    const by = event.key === "ArrowLeft" ? -TURN : event.key === "ArrowRight" ? TURN : 0;
    if (by === 0) return;
    event.preventDefault();
    scene?.turn(by);
  };
  if (isFlat) {
    return (
      <Box display="grid" placeItems="center" h="100%" bg="panel" color="inkSoft" px="6">
        <p>
          This browser draws nothing in three dimensions, so the toile cannot be looked at here. What was read off it
          stands beside.
        </p>
      </Box>
    );
  }
  return (
    <Box
      ref={box}
      className="toile-view"
      role="img"
      tabIndex={0}
      aria-label="The worn toile. Drag it, or press the left and right arrow keys, to turn it."
      data-drawn={isDrawn ? "yes" : "no"}
      onKeyDown={onKey}
      h="100%"
      overflow="hidden"
    />
  );
});
