import { MeasureGuide } from "@app/measures/measure-guide";
import { MeasureList } from "@app/measures/measure-list";
import { TapePanel } from "@app/tape/tape-panel";
import { findingsSide } from "@app/work/findings-panel";
import { QuantityField } from "@app/work/quantity-field";
import { SpecField } from "@app/work/spec-field";
import { useThrottledWork } from "@app/work/use-throttled-work";
import { WorkColumns } from "@app/work/work-columns";
import { Text } from "@chakra-ui/react";
import { type MeasureId, measureOf } from "@core/body/index";
import { useState } from "react";
import { Link } from "react-router";
import { type GarmentClient, NewerMeasures } from "./newer-measures";
import { OtherArmFields } from "./other-arm";

/** The body that this garment is made for: a copy of the client's measures, which a later measuring does not change by itself. */
export function MeasuresStation({ client }: { readonly client: GarmentClient }) {
  const [active, setActive] = useState<MeasureId>("bust");
  const estimate = useThrottledWork((work) => work.garment.defaults.find((taken) => taken.path === `body.${active}`));
  return (
    <WorkColumns
      fields={
        <>
          <NewerMeasures client={client} />
          <MeasureList
            onActive={setActive}
            box={(id) =>
              measureOf(id).kind === "angle" ? <QuantityField path={`body.${id}`} /> : <SpecField path={`body.${id}`} />
            }
          />
          <OtherArmFields />
          <TapePanel />
          <Text fontSize="sm" color="inkSoft" mt="6">
            These figures belong to this garment. {client.name}’s own measures, with their dates, are on{" "}
            <Link to={`/clients/${client.id}`}>the client’s page</Link>.
          </Text>
        </>
      }
      sheet={<MeasureGuide id={active} estimate={estimate} />}
      fieldsName="Measures"
      side={findingsSide("measures")}
    />
  );
}
