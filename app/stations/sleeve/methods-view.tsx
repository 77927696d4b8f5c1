import { useUnit } from "@app/components/preferences";
import { useThrottledWork } from "@app/work/use-throttled-work";
import { useWorkStore } from "@app/work/work-context";
import { Box, Button, Flex, Grid, Heading, Text } from "@chakra-ui/react";
import { compareMethods } from "@core/compare/index";
import type { SetInMethod } from "@core/sleeve/set-in/index";
import { writeGarment } from "@core/spec/index";
import { Printer } from "lucide-react";
import { useMemo, useState } from "react";
import { useSearchParams } from "react-router";
import { MethodsOverlay } from "./methods-overlay";
import { MethodsTable } from "./methods-table";
import { TradeOffChart } from "./trade-off-chart";
import { useSideBySide } from "./use-side-by-side";

/** Every school of drafting for this client, laid side by side and over each other. */
export function MethodsView() {
  const store = useWorkStore();
  const unit = useUnit();
  const spec = useThrottledWork((work) => work.spec);
  const current = useThrottledWork((work) => work.garment.resolved.sleeve?.method ?? "fit-first");
  const [shown, setShown] = useState<SetInMethod>(current);
  const [, setSearch] = useSearchParams();
  const compared = useMemo(() => compareMethods(spec), [spec]);
  const { found, isWorking } = useSideBySide();
  const take = (method: SetInMethod) =>
    store.getState().change({
      sleeve: { method, capHeightChange: 0, capWidthChange: 0, fullnessChange: 0, surplus: undefined },
    });
  return (
    <Box maxW="76rem" w="100%" mx="auto" px={{ base: 4, md: 8 }} py="5">
      <Flex align="baseline" gap="4" wrap="wrap" mb="4">
        <Heading as="h2" fontFamily="heading" fontSize="2xl">
          Methods side by side
        </Heading>
        <Text color="inkSoft">What every school gives for this arm and this armhole, and how far its cap is off.</Text>
        <Flex gap="2" ml="auto" className="not-printed">
          <form method="post" action="/sheets/methods.pdf">
            <input type="hidden" name="garment" value={JSON.stringify(writeGarment(spec, "mm"))} />
            <input type="hidden" name="unit" value={unit} />
            <Button
              type="submit"
              size="sm"
              variant="outline"
              borderColor="ruleStrong"
              color="ink"
              disabled={compared.length === 0}
            >
              <Printer size={16} aria-hidden /> As a page to teach from
            </Button>
          </form>
          <Button
            size="sm"
            variant="outline"
            borderColor="ruleStrong"
            color="ink"
            onClick={() => setSearch({}, { preventScrollReset: true })}
          >
            Back to the sheet
          </Button>
        </Flex>
      </Flex>
      {compared.length === 0 ? (
        <Text color="inkSoft">There is no armhole to compare them on yet: the Block station says what is missing.</Text>
      ) : (
        <>
          <Box overflowX="auto" tabIndex={0} role="region" aria-label="Table of methods">
            <MethodsTable compared={compared} current={current} shown={shown} onShow={setShown} onTake={take} />
          </Box>
          <Grid templateColumns={{ base: "minmax(0, 1fr)", lg: "minmax(0, 3fr) minmax(0, 2fr)" }} gap="8" mt="8">
            <Box>
              <Heading as="h3" fontFamily="heading" fontSize="lg" mb="2">
                Cap height against width
                {isWorking && (
                  <Text as="span" fontSize="sm" fontWeight="400" color="inkSoft" ml="3" role="status">
                    working it out …
                  </Text>
                )}
              </Heading>
              {found && <TradeOffChart found={found} />}
            </Box>
            <Box>
              <Heading as="h3" fontFamily="heading" fontSize="lg" mb="2">
                Over each other
              </Heading>
              <MethodsOverlay compared={compared} shown={shown} />
              <Text fontSize="sm" color="inkSoft" mt="2">
                On their cap line; the one you point at in the table is in chalk.
              </Text>
            </Box>
          </Grid>
        </>
      )}
    </Box>
  );
}
