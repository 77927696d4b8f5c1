import { chakra } from "@chakra-ui/react";
import { Redo2, Undo2 } from "lucide-react";
import { canRedo, canUndo } from "./history";
import { useWork, useWorkStore } from "./work-context";
import { redo, undo } from "./work-store";

const ToolButton = chakra("button", {
  base: {
    display: "grid",
    placeItems: "center",
    minW: { base: "11", lg: "9" },
    minH: { base: "11", lg: "9" },
    cursor: "pointer",
    color: "ink",
    _disabled: { opacity: 0.35, cursor: "default" },
    _hover: { color: "chalk" },
  },
});

/** One step back, one step on. */
export function UndoButtons() {
  const store = useWorkStore();
  const hasBefore = useWork(({ history, spec }) => canUndo(history, spec));
  const hasAfter = useWork(({ history, spec }) => canRedo(history, spec));
  return (
    <>
      <ToolButton
        type="button"
        aria-label="Undo"
        title="Undo (Ctrl Z)"
        disabled={!hasBefore}
        onClick={() => undo(store)}
      >
        <Undo2 size={18} aria-hidden />
      </ToolButton>
      <ToolButton
        type="button"
        aria-label="Redo"
        title="Redo (Ctrl Shift Z)"
        disabled={!hasAfter}
        onClick={() => redo(store)}
      >
        <Redo2 size={18} aria-hidden />
      </ToolButton>
    </>
  );
}
