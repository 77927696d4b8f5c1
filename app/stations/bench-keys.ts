import { isWriting } from "@app/components/is-writing";
import { ON_A_GARMENT } from "@app/components/keys";
import { STATIONS } from "@core/garment/index";
import { useEffect } from "react";
import { useNavigate } from "react-router";
import { tinykeys } from "tinykeys";

/** Of what is not folded away, the first box of the figures. */
function firstBox(): HTMLInputElement | undefined {
  const boxes = document.querySelectorAll<HTMLInputElement>("[data-fields] input:not([type=hidden], [type=search])");
  return [...boxes].find((box) => box.offsetParent !== null && !box.disabled);
}

const leaveBox = ({ target }: KeyboardEvent) => {
  if (target instanceof HTMLElement && isWriting(target)) target.blur();
};

/**
 * Keys of a garment's page, when no box is written in: a figure goes to the station in that place, B to the first box, P to what is printed,
 * V to the versions, T to the try-ons, F to the box that finds a figure. Escape leaves a box, so that they can be pressed.
 */
export function useBenchKeys(garmentId: string): void {
  const navigate = useNavigate();
  useEffect(() => {
    const outside = (act: () => void) => (event: KeyboardEvent) => {
      if (isWriting(event.target)) return;
      event.preventDefault();
      act();
    };
    const go = (to: string) => outside(() => void navigate(`/garments/${garmentId}/${to}`));
    return tinykeys(window, {
      ...Object.fromEntries(STATIONS.map((station, i) => [String(i + 1), go(station)])),
      [ON_A_GARMENT.versions.press]: go("versions"),
      [ON_A_GARMENT.fittings.press]: go("fittings"),
      [ON_A_GARMENT.firstBox.press]: outside(() => {
        const box = firstBox();
        box?.focus();
        box?.select();
      }),
      [ON_A_GARMENT.findFigure.press]: outside(() =>
        document.querySelector<HTMLInputElement>("[data-find-figure]")?.focus(),
      ),
      [ON_A_GARMENT.print.press]: outside(() => document.getElementById("print-and-download")?.click()),
      [ON_A_GARMENT.leaveBox.press]: leaveBox,
    });
  }, [garmentId, navigate]);
}
