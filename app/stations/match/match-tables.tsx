import { LengthText } from "@app/components/length-text";
import { Heading, Table } from "@chakra-ui/react";
import type { Seam } from "@core/pattern/index";
import type { SeamNotch } from "@core/sleeve/set-in/index";
import type { ReactNode } from "react";

export function SectionTable({ seams }: { readonly seams: readonly Seam[] }) {
  return (
    <Titled title="Ease by section">
      <Table.Header>
        <Table.Row bg="transparent">
          <Column>Section</Column>
          <Column isFigure>Armhole</Column>
          <Column isFigure>Ease</Column>
          <Column isFigure>Share</Column>
        </Table.Row>
      </Table.Header>
      <Table.Body>
        {seams.flatMap((seam) =>
          seam.sections.map((section) => (
            <Table.Row key={`${seam.id} ${section.from}`} bg="transparent">
              <Table.Cell px="1">
                {seam.id === "armhole.front" ? "Front" : "Back"}, {section.from.replace(/^(front|back) /, "")} to{" "}
                {section.to.replace(/^(front|back) /, "")}
              </Table.Cell>
              <Figure>
                <LengthText mm={section.bodyLength} withUnit={false} />
              </Figure>
              <Figure>
                <LengthText mm={section.ease} withUnit={false} />
              </Figure>
              <Figure>{((section.ease / section.bodyLength) * 100).toFixed(1)} %</Figure>
            </Table.Row>
          )),
        )}
      </Table.Body>
    </Titled>
  );
}

/** Pairs of edges that are to be of one length, section by section. */
export function PairTable({ seams }: { readonly seams: readonly Seam[] }) {
  return (
    <Titled title="Edges by section">
      <Table.Header>
        <Table.Row bg="transparent">
          <Column>Section</Column>
          <Column isFigure>Above</Column>
          <Column isFigure>Below</Column>
        </Table.Row>
      </Table.Header>
      <Table.Body>
        {seams.flatMap((seam) =>
          seam.sections.map((section) => (
            <Table.Row key={`${seam.id} ${section.from}`} bg="transparent" data-pair={`${seam.id} ${section.from}`}>
              <Table.Cell px="1">
                {seam.name}, {section.from} to {section.to}
              </Table.Cell>
              <Figure>
                <LengthText mm={section.bodyLength} withUnit={false} />
              </Figure>
              <Figure>
                <LengthText mm={section.partLength} withUnit={false} />
              </Figure>
            </Table.Row>
          )),
        )}
      </Table.Body>
    </Titled>
  );
}

export function NotchTable({ notches }: { readonly notches: readonly SeamNotch[] }) {
  return (
    <Titled title="Notches, from the underarm">
      <Table.Header>
        <Table.Row bg="transparent">
          <Column>Notch</Column>
          <Column isFigure>Armhole</Column>
          <Column isFigure>Cap</Column>
        </Table.Row>
      </Table.Header>
      <Table.Body>
        {notches.map((notch) => (
          <Table.Row key={notch.id} bg="transparent">
            <Table.Cell px="1">{notch.name.replace(" notch", "")}</Table.Cell>
            <Figure>
              <LengthText mm={notch.bodyAt} />
            </Figure>
            <Figure>
              <LengthText mm={notch.partAt} />
            </Figure>
          </Table.Row>
        ))}
      </Table.Body>
    </Titled>
  );
}

function Titled({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <>
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="600" mb="1" mt="5">
        {title}
      </Heading>
      <Table.Root size="sm" variant="line" color="ink">
        {children}
      </Table.Root>
    </>
  );
}

function Column({ isFigure = false, children }: { readonly isFigure?: boolean; readonly children: ReactNode }) {
  return (
    <Table.ColumnHeader px="1" color="inkSoft" borderColor="ruleStrong" textAlign={isFigure ? "end" : "start"}>
      {children}
    </Table.ColumnHeader>
  );
}

function Figure({ children }: { readonly children: ReactNode }) {
  return (
    <Table.Cell px="1" textAlign="end" whiteSpace="nowrap">
      {children}
    </Table.Cell>
  );
}
