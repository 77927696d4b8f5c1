import { Sentence } from "@app/components/length-text";
import { Button } from "@chakra-ui/react";
import type { Phrase } from "@core/draft/index";
import type { SpecChange } from "@core/spec/index";
import { useWorkStore } from "./work-context";

type Props = { readonly id?: string; readonly label: Phrase; readonly change: SpecChange };

/** A way out that is taken by a press; pointed at, it is seen beside the draft first. */
export function RemedyButton({ id, label, change }: Props) {
  const store = useWorkStore();
  const preview = (shown: SpecChange | null) => () => store.getState().showPreview(shown);
  return (
    <Button
      data-remedy={id}
      size="sm"
      height="auto"
      py="1.5"
      variant="outline"
      borderColor="chalk"
      color="chalk"
      whiteSpace="normal"
      textAlign="left"
      justifyContent="flex-start"
      fontWeight="500"
      onPointerEnter={preview(change)}
      onPointerLeave={preview(null)}
      onFocus={preview(change)}
      onBlur={preview(null)}
      onClick={() => store.getState().change(change)}
    >
      <span>
        <Sentence words={label} />
      </span>
    </Button>
  );
}
