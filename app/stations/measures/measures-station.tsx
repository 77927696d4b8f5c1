import { BodyFigures } from "@app/measures/body-figures";
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
import { useMemo, useState } from "react";
import { Link } from "react-router";
import { type GarmentClient, NewerMeasures } from "./newer-measures";
import { OtherArmFields } from "./other-arm";

/** The body that this garment is made for: a copy of the client's measures, which a later measuring does not change by itself. */
export function MeasuresStation({ client }: { readonly client: GarmentClient }) {
  const [active, setActive] = useState<MeasureId>("bust");
  const taken = useThrottledWork((work) => work.spec.body);
  const defaults = useThrottledWork((work) => work.garment.defaults);
  const estimates = useMemo(() => defaults.filter(({ path }) => path.startsWith("body.")), [defaults]);
  const estimated = useMemo(
    () => Object.fromEntries(estimates.map(({ path, value }) => [path.slice("body.".length), value])),
    [estimates],
  );
  const estimate = estimates.find(({ path }) => path === `body.${active}`);
  /** Pressed on the figure, its box beside the figure is the one to type in. */
  const choose = (id: MeasureId) => {
    setActive(id);
    requestAnimationFrame(() => {
      const box = document.querySelector<HTMLInputElement>("[data-measure-box] input");
      box?.focus();
      box?.select();
    });
  };
  return (
    <WorkColumns
      fields={
        <>
          <NewerMeasures client={client} />
          <MeasureList onActive={setActive} box={(id) => <MeasureBox id={id} />} />
          <OtherArmFields />
          <TapePanel />
          <Text fontSize="sm" color="inkSoft" mt="6">
            These figures belong to this garment. {client.name}’s own measures, with their dates, are on{" "}
            <Link to={`/clients/${client.id}`}>the client’s page</Link>.
          </Text>
        </>
      }
      sheet={
        <MeasureGuide
          id={active}
          estimate={estimate}
          figure={<BodyFigures taken={taken} estimated={estimated} active={active} onChoose={choose} />}
          box={<MeasureBox key={active} id={active} isOnFigure />}
        />
      }
      fieldsName="Measures"
      side={findingsSide("measures")}
    />
  );
}

/** The box of a measure; beside the figure, where it stands on the page a second time, under an id of its own. */
function MeasureBox({ id, isOnFigure = false }: { readonly id: MeasureId; readonly isOnFigure?: boolean }) {
  const path = `body.${id}`;
  const own = isOnFigure ? { id: `figure.${path}` } : {};
  const box =
    measureOf(id).kind === "angle" ? <QuantityField path={path} {...own} /> : <SpecField path={path} {...own} />;
  return isOnFigure ? <div data-measure-box>{box}</div> : box;
}
