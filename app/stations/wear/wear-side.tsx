import { LengthText, Sentence } from "@app/components/length-text";
import { RemedyButton } from "@app/work/remedy-button";
import type { Shown } from "@app/workers/wear-toile";
import { Box, Heading } from "@chakra-ui/react";
import type { ToldRead, WornFinding } from "@core/toile/index";
import { memo, type ReactNode, useState } from "react";
import { STRAIN_SHADES } from "./strain-shades";

type Props = { readonly shown: Shown | null };

/**
 * What was read off the toile, beside what the draft foretold, and what it shows. All but the figures stands there from the start, and the figures are
 * plain rows: when a toile has hung, whoever types is not held up by them.
 */
export const WearSide = memo(function WearSide({ shown }: Props) {
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
              <ReadRow key={read.id} read={read} />
            ))}
          </tbody>
        </table>
      </Part>
    </>
  );
});

/** What the shades of the map mean, and how finely the toile was worn. */
export const StrainMap = memo(function StrainMap({ shown }: Props) {
  return (
    <>
      <Part name="Map of stretch" heading="Map of stretch">
        <ul className="strain-legend">
          {STRAIN_SHADES.map(({ name, colour, from }) => (
            <li key={name}>
              <span className="strain-swatch" style={{ background: colour }} />
              {name}
              {Number.isFinite(from) ? `, from ${Math.round(from * 100)} %` : ""}
            </li>
          ))}
        </ul>
        <p className="wear-note">The darker, the tighter: how much longer the cloth is there than it was cut.</p>
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

function ReadRow({ read }: { readonly read: ToldRead }) {
  return (
    <tr data-read={read.id}>
      <th scope="row">
        <ReadName read={read} />
      </th>
      <td>
        <ReadValue read={read} value={read.value} />
        <Spread read={read} />
      </td>
      <td>{read.foretold !== null && <ReadValue read={read} value={read.foretold} />}</td>
    </tr>
  );
}

function Fineness({ shown: { isFine, report } }: { readonly shown: Shown }) {
  return (
    <p className="wear-note" data-fineness={isFine ? "fine" : "coarse"}>
      {isFine ? "Fine toile" : "Coarse toile"}, {report.triangles} triangles;{" "}
      {report.isSettled ? "at rest" : "nearly at rest"}. The body is built from the measures, estimates where there are
      none.
    </p>
  );
}

/** What was read; how, once it is asked for. */
function ReadName({ read: { label, how } }: { readonly read: ToldRead }) {
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

/** How far the read may be off, under it; a read without a spread is only to be held against another. */
function Spread({ read }: { readonly read: ToldRead }) {
  return (
    <span className="worn-spread">
      {read.spread === null ? (
        "to compare only"
      ) : (
        <>
          ± <ReadValue read={read} value={read.spread} />
        </>
      )}
    </span>
  );
}

function ReadValue({ read: { kind }, value }: { readonly read: ToldRead; readonly value: number }) {
  if (kind === "length") return <LengthText mm={value} />;
  if (kind === "degrees") return <>{Math.round(value)}°</>;
  return <>{(value * 100).toFixed(1).replace("-", "−")} %</>;
}
