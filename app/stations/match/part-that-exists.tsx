import { ChoiceSelect } from "@app/components/choice-select";
import { LengthField } from "@app/components/length-field";
import { LengthText } from "@app/components/length-text";
import { useUnit } from "@app/components/preferences";
import { RemedyButton } from "@app/work/remedy-button";
import { useThrottledWork } from "@app/work/use-throttled-work";
import { Box, Heading, VStack } from "@chakra-ui/react";
import { edgeLength, type GivingEdge, waysToMeet } from "@core/compare/index";
import { readLength } from "@core/spec/index";
import { useMemo, useState } from "react";

/** What exists, the edge of the bodice that gives for it, and what its own edge is called. */
const PARTS: Readonly<
  Record<
    GivingEdge,
    {
      readonly label: string;
      readonly edge: string;

      readonly bounds: { readonly least: number; readonly most: number };
    }
  >
> = {
  armhole: {
    label: "A sleeve: the armhole gives",
    edge: "Whole cap of the sleeve",
    bounds: { least: 200, most: 1200 },
  },
  neckline: {
    label: "A collar: the neckline gives",
    edge: "Whole neck edge of the collar",
    bounds: { least: 200, most: 1500 },
  },
};

/** So many of the shares of what the cloth takes are laid side by side. */
const EASED = [0, 0.5, 1] as const;

/** A sleeve or a collar that is there already: what the bodice has to give so that it fits, each way solved, and the more of it is eased in the less. */
export function PartThatExists() {
  const garment = useThrottledWork((work) => work.garment);
  const unit = useUnit();
  const [part, setPart] = useState<GivingEdge>("armhole");
  const [text, setText] = useState("");
  const { edge, bounds } = PARTS[part];
  const read = text.trim() === "" ? null : readLength(text, unit, { label: edge, bounds });
  const length = read?.ok ? read.mm : null;
  const { mostEaseShare } = garment.resolved.cloth;
  const rows = useMemo(() => {
    if (length === null) return [];
    // A neckline is not eased into: what is sewn to it is as long as it is.
    const shares = part === "armhole" ? EASED.map((share) => share * mostEaseShare) : [0];
    return shares.map((share) => {
      const wanted = length / (1 + share);
      return { eased: length - wanted, wanted, ways: waysToMeet(garment, part, wanted) };
    });
  }, [garment, part, length, mostEaseShare]);
  if (!garment.block) return null;
  const size = <LengthText mm={edgeLength(garment.block, part)} />;
  const now = part === "armhole" ? <>The armhole is now {size}.</> : <>The neckline is now {size}.</>;
  return (
    <Box as="section" aria-label="A part that exists" mt="6" data-fields>
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600" mb="2">
        A part that exists
      </Heading>
      <VStack align="stretch" gap="3">
        <ChoiceSelect
          id="part-that-exists"
          label="What is there already"
          value={part}
          choices={(["armhole", "neckline"] as const).map((value) => ({ value, label: PARTS[value].label }))}
          onChoose={(next) => {
            setPart(next);
            setText("");
          }}
        />
        <LengthField
          id="part-length"
          label={edge}
          value={text}
          onText={setText}
          problem={read && !read.ok ? read.problem.message : undefined}
          hint={<>Measured along its stitching line. {now}</>}
        />
        {rows.map(({ eased, wanted, ways }) => (
          <Box key={wanted} borderLeft="3px solid" borderColor="ruleStrong" pl="3" data-wanted={Math.round(wanted)}>
            <p>
              {part === "armhole" ? (
                <>
                  <LengthText mm={eased} /> eased in: an armhole of <LengthText mm={wanted} />
                </>
              ) : (
                <>
                  A neckline of <LengthText mm={wanted} />
                </>
              )}
            </p>
            {ways.length === 0 && <p className="wear-note">Nothing that this block gives meets it.</p>}
            <VStack align="stretch" gap="2" mt="2">
              {ways.map(({ id, says: how, change }) => (
                <RemedyButton key={id} id={`meet-${id}`} label={how} change={change} />
              ))}
            </VStack>
          </Box>
        ))}
      </VStack>
    </Box>
  );
}
