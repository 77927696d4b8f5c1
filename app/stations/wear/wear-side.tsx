import { LengthText, Sentence } from "@app/components/length-text";
import { RemedyButton } from "@app/work/remedy-button";
import type { Shown } from "@app/workers/wear-toile";
import { Box, Heading } from "@chakra-ui/react";
import type { WornFinding, WornRead } from "@core/toile/index";
import { memo, type ReactNode, useState } from "react";
import { STRAIN_SHADES, strainShade } from "./strain-shades";

type Props = { readonly shown: Shown | null; readonly isKnit: boolean };

/**
 * What was read off the toile, beside what the draft foretold, and what it shows. All but the figures stands there from the start, and the figures are
 * plain rows: when a toile has hung, whoever types is not held up by them.
 */
export const WearSide = memo(function WearSide({ shown, isKnit }: Props) {
  return (
    <>
      <Part name="What the toile shows" heading="What it shows">
        {shown ? (
          <Findings shown={shown} />
        ) : (
          <p className="wear-note">What the toile shows stands here once it hangs.</p>
        )}
      </Part>
      <Part name="Read off the toile" heading="Read off the toile">
        <table className="worn-reads">
          <thead>
            <tr>
              <th scope="col">Figure</th>
              <th scope="col">Worn</th>
              <th scope="col">Foretold</th>
            </tr>
          </thead>
          <tbody>
            {shown?.reads.map((read) => (
              <ReadRow key={read.id} read={read} isKnit={isKnit} />
            ))}
          </tbody>
        </table>
      </Part>
      <Part name="Map of stretch" heading="Map of stretch">
        <ul className="strain-legend">
          {STRAIN_SHADES.map(({ name, colour, from }) => (
            <li key={name}>
              <span className="strain-swatch" style={{ background: colour }} />
              {name}
              {isKnit && Number.isFinite(from) ? `, from ${Math.round(from * 100)} %` : ""}
            </li>
          ))}
        </ul>
        <p className="wear-note">
          {isKnit
            ? "For a knit the per cent is reliable."
            : "The darker, the tighter. For a woven only the order is reliable, not the per cent: no real woven gives as much as this one."}
        </p>
      </Part>
      {shown && <Fineness shown={shown} />}
    </>
  );
});

function Part({
  name,
  heading,
  children,
}: {
  readonly name: string;
  readonly heading: string;
  readonly children: ReactNode;
}) {
  return (
    <Box as="section" aria-label={name} mb="6">
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600" mb="2">
        {heading}
      </Heading>
      {children}
    </Box>
  );
}

function Findings({ shown: { findings, report } }: { readonly shown: Shown }) {
  return (
    <>
      {findings.length === 0 && <p>Nothing to mend.</p>}
      {findings.map((finding) => (
        <Seen key={finding.code} finding={finding} />
      ))}
      {report.notes.map((note) => (
        <p key={note} className="wear-note">
          {note}
        </p>
      ))}
    </>
  );
}

function Seen({ finding: { code, message, reason, remedy } }: { readonly finding: WornFinding }) {
  return (
    <div className="worn-finding" data-worn-finding={code}>
      <p>
        <Sentence words={message} />
      </p>
      <p className="wear-note">
        <Sentence words={reason} />
      </p>
      {remedy && <RemedyButton id={code} {...remedy} />}
    </div>
  );
}

function ReadRow({ read, isKnit }: { readonly read: WornRead; readonly isKnit: boolean }) {
  return (
    <tr data-read={read.id}>
      <th scope="row">
        <ReadName read={read} />
      </th>
      <td>
        <ReadValue read={read} value={read.value} isKnit={isKnit} />
      </td>
      <td>{read.foretold !== null && <ReadValue read={read} value={read.foretold} isKnit={isKnit} />}</td>
    </tr>
  );
}

function Fineness({ shown: { isFine, report } }: { readonly shown: Shown }) {
  return (
    <p className="wear-note" data-fineness={isFine ? "fine" : "coarse"}>
      {isFine ? "Fine toile" : "Coarse toile"}, {report.triangles} triangles;{" "}
      {report.isSettled ? "at rest" : "still moving a little"}. The body is built from the measures, estimates where
      there are none.
    </p>
  );
}

/** What was read; how, once it is asked for. */
function ReadName({ read: { label, how } }: { readonly read: WornRead }) {
  const [isOpen, setIsOpen] = useState(false);
  return (
    <details open={isOpen} onToggle={(event) => setIsOpen(event.currentTarget.open)}>
      <summary>{label}</summary>
      {isOpen && (
        <p className="wear-note">
          <Sentence words={how} />
        </p>
      )}
    </details>
  );
}

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
