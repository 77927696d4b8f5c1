import { useUnit } from "@app/components/preferences";
import { Box } from "@chakra-ui/react";
import type { Box as DraftBox } from "@core/geometry/index";
import { type KeyboardEvent, type ReactNode, useRef } from "react";
import { Grid, Rulers } from "./rulers";
import { SheetTools } from "./sheet-tools";
import { FIRST_SIZE, useView } from "./use-view";
import type { Size, View } from "./view";

type Props = {
  /** What the sheet shows when it is fitted, in millimetres. */
  readonly box: DraftBox;
  /** Says in words what is drawn, for those who do not see it. */
  readonly label: string;
  /** A handle is being dragged: the paper must not move under it. */
  readonly isHeld?: boolean;
  readonly children: (view: View) => ReactNode;
  readonly onSwipe?: ((by: 1 | -1) => void) | undefined;
  /** What lies over the sheet and its rulers, where its size is known. */
  readonly overlay?: (view: View, size: Size | null) => ReactNode;
};

const WHOLE = { position: "absolute", inset: 0, width: "100%", height: "100%" } as const;
/** Grid and rulers lie on layers of their own, which are not painted again while the draft moves between them. */
const LAYER = { ...WHOLE, pointerEvents: "none", willChange: "transform" } as const;

const KEYS_PAN: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [1, 0],
  ArrowRight: [-1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

/** The sheet of paper: pan, zoom, rulers in tape units, and whatever is drawn on it. */
export function Sheet({ box, label, isHeld = false, onSwipe, children, overlay }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const unit = useUnit();
  const { view, size, refit, zoomIn, zoomOut, pan } = useView(svg, box, { isHeld, ...(onSwipe ? { onSwipe } : {}) });
  const shown = size ?? FIRST_SIZE;
  const viewBox = size ? undefined : `0 0 ${FIRST_SIZE.width} ${FIRST_SIZE.height}`;
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.target !== svg.current || event.ctrlKey || event.metaKey || event.altKey) return;
    const direction = KEYS_PAN[event.key];
    if (direction) pan(...direction);
    else if (event.key === "+" || event.key === "=") zoomIn();
    else if (event.key === "-") zoomOut();
    else if (event.key === "0") refit();
    else return;
    event.preventDefault();
  };
  return (
    <Box position="relative" w="100%" h="100%" minH="0" bg="panel" overflow="hidden">
      <svg className="sheet" aria-hidden viewBox={viewBox} style={LAYER}>
        <Grid view={view} size={shown} unit={unit} />
      </svg>
      <svg
        ref={svg}
        className="sheet"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: the sheet is moved and zoomed with the keyboard
        tabIndex={0}
        role="application"
        aria-label={`${label}. Arrow keys move the sheet, plus and minus zoom, 0 fits it.`}
        viewBox={viewBox}
        onKeyDown={onKeyDown}
        style={{ ...WHOLE, touchAction: "none", cursor: "move" }}
      >
        {children(view)}
      </svg>
      <svg className="sheet" aria-hidden viewBox={viewBox} style={LAYER}>
        <Rulers view={view} size={shown} unit={unit} />
      </svg>
      {overlay?.(view, size)}
      <SheetTools onZoomIn={zoomIn} onZoomOut={zoomOut} onFit={refit} what="draft" />
    </Box>
  );
}
