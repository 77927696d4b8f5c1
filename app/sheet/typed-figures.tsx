import { SpecField } from "@app/work/spec-field";
import { Box, Button } from "@chakra-ui/react";
import type { Point } from "@core/geometry/index";
import { X } from "lucide-react";
import { createContext, type ReactNode, useContext, useEffect, useRef, useState } from "react";

/** A field of the garment that is typed where its figure stands on the sheet, in pixels of the sheet. */
type Typing = { readonly path: string; readonly at: Point };

const TypeHere = createContext<((typing: Typing) => void) | null>(null);

/** What a figure on the sheet does when it is pressed; null on a sheet on which nothing is typed. */
export function useTypeHere(): ((typing: Typing) => void) | null {
  return useContext(TypeHere);
}

const BOX_PX = { width: 240, height: 96 } as const;

/** A sheet whose figures can be pressed and typed over: the box opens beside the figure, and closes with Escape or when it is left. */
export function TypedFigures({ children }: { readonly children: ReactNode }) {
  const [typing, setTyping] = useState<Typing | null>(null);
  const room = useRef<HTMLDivElement>(null);
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (typing) box.current?.querySelector("input")?.select();
  }, [typing]);
  const within = (value: number, most: number) => Math.max(8, Math.min(value, most - 8));
  const { clientWidth = 0, clientHeight = 0 } = room.current ?? {};
  return (
    <TypeHere.Provider value={setTyping}>
      <Box ref={room} position="relative" w="100%" h="100%">
        {children}
        {typing && (
          <Box
            ref={box}
            role="dialog"
            aria-label="Type this figure"
            data-typing={typing.path}
            position="absolute"
            left={`${within(typing.at.x, clientWidth - BOX_PX.width)}px`}
            top={`${within(typing.at.y + 10, clientHeight - BOX_PX.height)}px`}
            w={`${BOX_PX.width}px`}
            p="2"
            pr="8"
            bg="panel"
            border="1px solid"
            borderColor="chalk"
            boxShadow="lg"
            onKeyDown={(event) => {
              if (event.key === "Escape" || event.key === "Enter") setTyping(null);
            }}
            onBlur={(event) => {
              if (!event.currentTarget.contains(event.relatedTarget)) setTyping(null);
            }}
          >
            <SpecField path={typing.path} id={`sheet.${typing.path}`} />
            <Button
              position="absolute"
              right="1"
              top="1"
              size="2xs"
              variant="ghost"
              color="ink"
              aria-label="Close"
              onClick={() => setTyping(null)}
            >
              <X size={14} aria-hidden />
            </Button>
          </Box>
        )}
      </Box>
    </TypeHere.Provider>
  );
}
