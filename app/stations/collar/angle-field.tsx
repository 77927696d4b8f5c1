import { LengthField } from "@app/components/length-field";
import { useFigureBox } from "@app/work/use-figure-box";
import { useWork } from "@app/work/work-context";
import { COLLAR_FIELDS, type CollarFieldName } from "@core/collar/index";

/** An angle of the collar in a box, in degrees. While it is empty the default is shown in its place. */
export function AngleField({ name }: { readonly name: CollarFieldName }) {
  const { label, bounds } = COLLAR_FIELDS[name];
  const given = useWork((work) => work.spec.collar?.[name]);
  const usual = useWork((work) => work.garment.resolved.collar?.figures[name]);
  const box = useFigureBox({
    path: `collar.${name}`,
    written: given === undefined ? "" : `${given}`,
    read: (text) => {
      const degrees = Number(text.trim().replace(",", ".").replace(/\s*°$/, ""));
      return degrees >= bounds.least && degrees <= bounds.most
        ? { ok: true, value: degrees }
        : {
            ok: false,
            message: `${label}: “${text}” has to be a number of degrees from ${bounds.least} to ${bounds.most}.`,
          };
    },
  });
  return (
    <LengthField
      id={`collar.${name}`}
      label={label}
      unit="°"
      standsIn={usual === undefined ? undefined : `${usual}`}
      {...box}
    />
  );
}
