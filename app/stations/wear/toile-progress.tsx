import { Button, Flex } from "@chakra-ui/react";
import { memo } from "react";
import { useStore } from "zustand";
import type { ToileState } from "./use-toile";

type Props = Pick<ToileState, "doing" | "stop">;

/** What is being done to the toile, and how far it is. Told many times a second, it draws nothing but itself. */
export const ToileProgress = memo(function ToileProgress({ doing, stop }: Props) {
  return (
    <Flex className="toile-progress" align="center" gap="3" role="status">
      <Bar doing={doing} />
      <Button size="sm" variant="outline" onClick={stop}>
        Stop
      </Button>
    </Flex>
  );
});

function Bar({ doing }: Pick<Props, "doing">) {
  const now = useStore(doing);
  return (
    <>
      <progress value={now?.share ?? 0} max={1} aria-label={now?.says ?? ""} />
      <span>{now?.says}</span>
    </>
  );
}
