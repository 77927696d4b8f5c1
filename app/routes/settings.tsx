import { ActForm } from "@app/components/act-form";
import { KeepButton } from "@app/components/keep-button";
import { PAPER_CHOICES } from "@app/components/paper-choices";
import { useTape, useUnit } from "@app/components/preferences";
import { TextBox } from "@app/components/text-box";
import { SettingsPage } from "@app/features/settings/settings-page";
import { readSettingsForm } from "@app/features/settings/settings-texts";
import { ShownSettings, shownSettings } from "@app/features/settings/shown-settings";
import { actOf } from "@app/server/acts";
import { attemptInStudio, membershipOf } from "@app/server/database";
import { postedForm, textsOf } from "@app/server/posted-texts";
import { usualAllowances } from "@core/resolve/index";
import { labelOf } from "@core/spec/index";
import { mergedSettings, PLOTTER_ROLLS, USUAL_FIELDS, type UsualField } from "@core/studio/index";
import { formatForTyping, formatLength, INCH_MARKS } from "@core/tape/index";
import { data } from "react-router";
import type { Route } from "./+types/settings";

const MARK_WORDS = { 8: "eighth", 16: "sixteenth", 32: "thirty-second" } as const;

export const meta: Route.MetaFunction = () => [{ title: "Settings · Gamine" }];

export function loader({ context }: Route.LoaderArgs) {
  const { studio, role } = membershipOf(context);
  return { name: studio.name, settings: studio.settings, isOwner: role === "owner", mayChange: role !== "reader" };
}

export async function action({ request, context }: Route.ActionArgs) {
  const form = await postedForm(request);
  const texts = textsOf(form);
  const read = readSettingsForm(texts);
  if (!read.ok) return data({ problems: read.problems, failure: "", isSaved: false }, { status: 422 });
  const name = (texts.name ?? "").trim().slice(0, 120);
  // The table of ease has a page of its own.
  const shown = { ...shownSettings(texts), ease: undefined };
  const { role, studio } = membershipOf(context);
  const saved = await attemptInStudio(context, actOf(request, form), async (queries) => {
    await queries.changeSettings((now) => mergedSettings(now, shown, read.settings));
    if (role === "owner" && name !== "" && name !== studio.name) await queries.renameStudio(name);
  });
  return saved.ok
    ? { problems: {}, failure: "", isSaved: true }
    : data({ problems: {}, failure: saved.sentence, isSaved: false }, { status: 503 });
}

export default function Settings({ loaderData, actionData }: Route.ComponentProps) {
  const { name, settings, isOwner, mayChange } = loaderData;
  const [unit, tape] = [useUnit(), useTape()];
  const { general, neckline, hem } = usualAllowances(unit);
  const usual: Readonly<Partial<Record<UsualField, number>>> = {
    "allowances.general": general,
    "allowances.neckline": neckline,
    "allowances.hem": hem,
    "cloth.width": 1400,
  };
  const problems: Readonly<Record<string, string | undefined>> = actionData?.problems ?? {};
  return (
    <SettingsPage>
      <ActForm key={unit} className="settings-form">
        <input type="hidden" name="unit" value={unit} />
        <ShownSettings settings={settings} />
        <fieldset disabled={!mayChange}>
          <h2 className="page-part">Workroom</h2>
          <TextBox name="name" label="Name" defaultValue={name} maxLength={120} readOnly={!isOwner} />
          <label className="text-box">
            <span>Unit for people who have not chosen one</span>
            <select name="usualUnit" defaultValue={settings.unit ?? "in"}>
              <option value="in">Inches</option>
              <option value="cm">Centimetres</option>
            </select>
          </label>
          <label className="text-box">
            <span>How inches are marked</span>
            <select name="inchMarks" defaultValue={settings.inchMarks ?? 16}>
              {INCH_MARKS.map((marks) => (
                <option key={marks} value={marks}>
                  To a {MARK_WORDS[marks]}
                </option>
              ))}
            </select>
          </label>
          <label className="text-box">
            <span>Paper or roll that is printed on</span>
            <select name="paper" defaultValue={settings.paper ?? "a4"}>
              {PAPER_CHOICES.map(({ value, label }) => (
                <option key={value} value={value}>
                  {label}
                </option>
              ))}
            </select>
          </label>
          <label className="text-box">
            <span>Roll in the plotter</span>
            <select name="plotterRoll" defaultValue={settings.plotterRoll ?? "roll36"}>
              {PAPER_CHOICES.filter(({ value }) => PLOTTER_ROLLS.some((roll) => roll === value)).map(
                ({ value, label }) => (
                  <option key={value} value={value}>
                    {label}
                  </option>
                ),
              )}
            </select>
          </label>
          <TextBox
            name="initials"
            label="Initials on every piece"
            defaultValue={settings.initials ?? ""}
            maxLength={8}
          />
          <h2 className="page-part page-section">What a new garment starts with</h2>
          <p className="page-note">
            Where a box is empty the usual figure is taken. A garment that was started keeps its figures.
          </p>
          <div className="settings-figures">
            {USUAL_FIELDS.map((path) => {
              const stands = usual[path];
              return (
                <TextBox
                  key={path}
                  name={path}
                  label={`${labelOf(path)}, ${unit}`}
                  defaultValue={settings.usual[path] === undefined ? "" : formatForTyping(settings.usual[path], unit)}
                  problem={problems[path]}
                  hint={stands === undefined ? undefined : `Left open: ${formatLength(stands, tape)}`}
                />
              );
            })}
          </div>
          <KeepButton label="Keep the settings" answer={actionData} />
        </fieldset>
      </ActForm>
    </SettingsPage>
  );
}
