import { ActForm } from "@app/components/act-form";
import { KeepButton } from "@app/components/keep-button";
import { useTape, useUnit } from "@app/components/preferences";
import { easeBox, easeRowName, readEaseForm } from "@app/features/settings/ease-texts";
import { SettingsPage } from "@app/features/settings/settings-page";
import { ShownSettings, shownSettings } from "@app/features/settings/shown-settings";
import { actOf } from "@app/server/acts";
import { attemptInStudio, membershipOf } from "@app/server/database";
import { postedForm, textsOf } from "@app/server/posted-texts";
import { clothAdds, EASE_BASE_BUST_MM, EASE_GARMENTS, EASE_LEVELS, easeAtBase } from "@core/block/index";
import { CLOTH_KINDS } from "@core/cloth/index";
import { labelOf } from "@core/spec/index";
import { CLOTH_EASE_LEVELS, type EaseRowName, mergedSettings, type OwnEase } from "@core/studio/index";
import { formatForTyping, formatLength } from "@core/tape/index";
import { data } from "react-router";
import type { Route } from "./+types/settings-ease";

export const meta: Route.MetaFunction = () => [{ title: "Ease · Gamine" }];

export function loader({ context }: Route.LoaderArgs) {
  const { studio, role } = membershipOf(context);
  return { ease: studio.settings.ease ?? {}, mayChange: role !== "reader" };
}

export async function action({ request, context }: Route.ActionArgs) {
  const form = await postedForm(request);
  const texts = textsOf(form);
  const read = readEaseForm(texts);
  if (!read.ok) return data({ problems: read.problems, failure: "", isSaved: false }, { status: 422 });
  const { ease } = shownSettings(texts);
  const saved = await attemptInStudio(context, actOf(request, form), (queries) =>
    queries.changeSettings((now) => mergedSettings(now, { usual: {}, ease }, { usual: {}, ease: read.ease })),
  );
  return saved.ok
    ? { problems: {}, failure: "", isSaved: true }
    : data({ problems: {}, failure: saved.sentence, isSaved: false }, { status: 503 });
}

const HEADS: Readonly<Record<(typeof EASE_LEVELS)[number], string>> = {
  bust: "Bust",
  waist: "Waist",
  hip: "Hip",
  upperArm: "Upper arm",
  acrossBack: "Across the back",
  acrossFront: "Across the front",
  armhole: "Armhole",
  neckline: "Neckline",
  balance: "Back armhole longer by",
};

/** How much room the workroom gives a garment, by its kind: in place of what is usual. */
export default function Ease({ loaderData: { ease, mayChange }, actionData }: Route.ComponentProps) {
  const unit = useUnit();
  const problems: Readonly<Record<string, string | undefined>> = actionData?.problems ?? {};
  return (
    <SettingsPage>
      <p className="page-note">
        Whole girths and widths at their own level, on a bust of {formatLength(EASE_BASE_BUST_MM, unit)}: larger bodies
        get more, smaller ones less. Left open, a figure is the usual one, which stands in its box in grey. A new
        garment takes this table with it; one that is begun keeps its own, and takes it anew when its kind is chosen.
      </p>
      <ActForm key={unit} className="settings-form ease-form">
        <ShownSettings settings={{ usual: {}, ease }} />
        <input type="hidden" name="unit" value={unit} />
        <fieldset disabled={!mayChange}>
          <EaseTable
            of="Garment"
            rows={EASE_GARMENTS.map((row) => ({ row, usual: easeAtBase(row) }))}
            levels={EASE_LEVELS}
            ease={ease}
            problems={problems}
          />
          <p className="page-note">
            What a cloth adds to a garment that is usually made of another, or takes from it: a knit gives, soft wool is
            thick.
          </p>
          <EaseTable
            of="Cloth"
            rows={CLOTH_KINDS.map((row) => ({ row, usual: clothAdds("shirt", row) }))}
            levels={CLOTH_EASE_LEVELS}
            ease={ease}
            problems={problems}
          />
          <KeepButton label="Keep the table" answer={actionData} />
        </fieldset>
      </ActForm>
    </SettingsPage>
  );
}

type Level = (typeof EASE_LEVELS)[number];

type EaseTableProps = {
  /** What a row is of. */
  readonly of: string;
  readonly rows: readonly { readonly row: EaseRowName; readonly usual: Readonly<Partial<Record<Level, number>>> }[];
  readonly levels: readonly Level[];
  readonly ease: OwnEase;
  readonly problems: Readonly<Record<string, string | undefined>>;
};

function EaseTable({ of, rows, levels, ease, problems }: EaseTableProps) {
  const [unit, tape] = [useUnit(), useTape()];
  return (
    <div className="wide-table">
      <table className="ease-table">
        <thead>
          <tr>
            <th scope="col">
              {of}, {unit}
            </th>
            {levels.map((level) => (
              <th key={level} scope="col">
                {HEADS[level]}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ row, usual }) => (
            <tr key={row}>
              <th scope="row">{easeRowName(row)}</th>
              {levels.map((level) => {
                const name = easeBox(row, level);
                const own = ease[row]?.[level];
                const problem = problems[name];
                return (
                  <td key={level}>
                    <input
                      name={name}
                      aria-label={`${easeRowName(row)}: ${labelOf(`block.ease.${level}`).toLowerCase()}, ${unit}`}
                      defaultValue={own === undefined ? "" : formatForTyping(own, unit)}
                      placeholder={formatLength(usual[level] ?? 0, tape, { withUnit: false })}
                      aria-invalid={problem !== undefined}
                      aria-describedby={problem === undefined ? undefined : `${name}-says`}
                    />
                    {problem !== undefined && (
                      <small id={`${name}-says`} data-problem>
                        {problem}
                      </small>
                    )}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
