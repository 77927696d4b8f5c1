import { QuantityField } from "@app/work/quantity-field";
import { useThrottledWork } from "@app/work/use-throttled-work";
import { useWorkStore } from "@app/work/work-context";
import { Box, Button, Flex, Heading, Text } from "@chakra-ui/react";
import { hangsOf } from "@core/cloth/index";
import { memo } from "react";
import { Link } from "react-router";

/** What the cloth is like when it hangs: as is usual for its kind, or as somebody tested it. */
export const ClothFigures = memo(function ClothFigures() {
  const store = useWorkStore();
  const { kind, name } = useThrottledWork((work) => work.garment.resolved.cloth);
  const own = useThrottledWork((work) => work.spec.cloth.hangs);
  const usual = hangsOf(kind);
  const isOwn = hangsOf(kind, own).source === "choice";
  return (
    <Box as="section" aria-label="The cloth" mt="6">
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600">
        The cloth
      </Heading>
      <Text fontSize="sm" color="inkSoft" my="2">
        {name}. {isOwn ? "What is left empty is" : "All figures are"} middling for such a cloth, from memory: nobody
        tested yours.
      </Text>
      <details open={isOwn}>
        <summary>Its own figures</summary>
        <Flex direction="column" gap="2" mt="2">
          <QuantityField path="cloth.hangs.weight" usual={usual.weight} />
          <QuantityField path="cloth.hangs.bendingLength" usual={usual.bendingLength} />
          <QuantityField path="cloth.hangs.warp" usual={usual.warp} />
          <QuantityField path="cloth.hangs.weft" usual={usual.weft} />
          <QuantityField path="cloth.hangs.bias" usual={usual.bias} />
        </Flex>
        <Text fontSize="sm" color="inkSoft" mt="2">
          The bending length is half of what may hang over an edge until its end dips to 41.5°. Stretch is the force at
          which a strip a metre wide would be twice as long. Kept with this garment; those of a cloth of your own stand
          with it under <Link to="/settings/cloths">Your cloths</Link>.
        </Text>
        {isOwn && (
          <Button
            size="sm"
            variant="outline"
            mt="2"
            onClick={() => store.getState().change({ cloth: { hangs: undefined } })}
          >
            As is usual
          </Button>
        )}
      </details>
    </Box>
  );
});
