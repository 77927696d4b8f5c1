import { LengthText, Sentence } from "@app/components/length-text";
import { RemedyButton } from "@app/work/remedy-button";
import type { Shown } from "@app/workers/wear-toile";
import { Box, Flex, Heading, Text } from "@chakra-ui/react";
import type { WornFinding, WornRead } from "@core/toile/index";
import { memo } from "react";
import { STRAIN_SHADES, strainShade } from "./strain-shades";

type Props = { readonly shown: Shown | null; readonly isKnit: boolean };

/** What was read off the toile, beside what the draft foretold, and what it shows. */
export const WearSide = memo(function WearSide({ shown, isKnit }: Props) {
  if (!shown) return <Text color="inkSoft">What is read off the toile stands here once it hangs.</Text>;
  return (
    <>
      <Box as="section" aria-label="What the toile shows" mb="6">
        <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600" mb="2">
          What it shows
        </Heading>
        {shown.findings.length === 0 ? (
          <Text color="inkSoft">Nothing that the draft would not be let stand with.</Text>
        ) : (
          <Flex direction="column" gap="4">
            {shown.findings.map((finding) => (
              <Seen key={finding.code} finding={finding} />
            ))}
          </Flex>
        )}
        {shown.report.notes.map((note) => (
          <Text key={note} fontSize="sm" color="inkSoft" mt="2">
            {note}
          </Text>
        ))}
      </Box>
      <Box as="section" aria-label="Read off the toile" mb="6">
        <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600" mb="2">
          Read off the toile
        </Heading>
        <table className="worn-reads">
          <thead>
            <tr>
              <th scope="col">Figure</th>
              <th scope="col">Worn</th>
              <th scope="col">Foretold</th>
            </tr>
          </thead>
          <tbody>
            {shown.reads.map((read) => (
              <tr key={read.id} data-read={read.id}>
                <th scope="row">
                  <details>
                    <summary>{read.label}</summary>
                    <Text fontSize="sm" color="inkSoft">
                      <Sentence words={read.how} />
                    </Text>
                  </details>
                </th>
                <td>
                  <ReadValue read={read} value={read.value} isKnit={isKnit} />
                </td>
                <td>{read.foretold === null ? "" : <ReadValue read={read} value={read.foretold} isKnit={isKnit} />}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Box>
      <Box as="section" aria-label="Map of stretch" mb="6">
        <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600" mb="2">
          Map of stretch
        </Heading>
        <ul className="strain-legend">
          {STRAIN_SHADES.map(({ name, colour, from }) => (
            <li key={name}>
              <span className="strain-swatch" style={{ background: colour }} />
              {name}
              {isKnit && Number.isFinite(from) ? `, from ${Math.round(from * 100)} %` : ""}
            </li>
          ))}
        </ul>
        <Text fontSize="sm" color="inkSoft" mt="2">
          {isKnit
            ? "Of a knit the percent can be believed."
            : "The darker, the tighter. Of a woven only that order can be believed, not a percent: no woven gives as much as it does here."}
        </Text>
      </Box>
      <Text fontSize="sm" color="inkSoft" data-fineness={shown.isFine ? "fine" : "coarse"}>
        {shown.isFine ? "Fine toile" : "Coarse toile"}, {shown.report.triangles} triangles;{" "}
        {shown.report.isSettled ? "at rest" : "still moving a little"}. The body is built from the measures, estimates
        where there are none.
      </Text>
    </>
  );
});

function ReadValue({
  read: { kind },
  value,
  isKnit,
}: {
  readonly read: WornRead;
  readonly value: number;
  readonly isKnit: boolean;
}) {
  if (kind === "length") return <LengthText mm={value} />;
  if (kind === "degrees") return <>{Math.round(value)}°</>;
  if (isKnit) return <>{(value * 100).toFixed(1)} %</>;
  return <>{strainShade(value).name}</>;
}

function Seen({ finding }: { readonly finding: WornFinding }) {
  const { remedy } = finding;
  return (
    <Box data-worn-finding={finding.code} borderLeft="3px solid" borderColor="warn" pl="3">
      <Text lineHeight="1.4">
        <Sentence words={finding.message} />
      </Text>
      <Text fontSize="sm" color="inkSoft" mt="1" lineHeight="1.4">
        <Sentence words={finding.reason} />
      </Text>
      {remedy && (
        <Box mt="2">
          <RemedyButton id={finding.code} {...remedy} />
        </Box>
      )}
    </Box>
  );
}
