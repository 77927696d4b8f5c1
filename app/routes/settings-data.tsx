import { ActForm } from "@app/components/act-form";
import { TextBox } from "@app/components/text-box";
import { RestoreArchive } from "@app/features/settings/restore-archive";
import { SettingsPage } from "@app/features/settings/settings-page";
import { actOf } from "@app/server/acts";
import { attemptInStudio, inStudio, membershipOf } from "@app/server/database";
import { postedForm, textsOf } from "@app/server/posted-texts";
import { data, redirect, useNavigation } from "react-router";
import type { Route } from "./+types/settings-data";

export const meta: Route.MetaFunction = () => [{ title: "Data · Gamine" }];

export async function loader({ context }: Route.LoaderArgs) {
  const { studio, role } = membershipOf(context);
  return {
    name: studio.name,
    isOwner: role === "owner",
    isEmpty: await inStudio(context, (queries) => queries.isEmpty()),
  };
}

/** Ends the workroom for good, once its name has been written out. */
export async function action({ request, context }: Route.ActionArgs) {
  const form = await postedForm(request);
  const { name = "" } = textsOf(form);
  const { studio } = membershipOf(context);
  if (name.trim() !== studio.name)
    return data({ problem: `Nothing was destroyed: write “${studio.name}” to say that you mean it.` }, { status: 422 });
  const done = await attemptInStudio(context, actOf(request, form), (queries) => queries.endStudio());
  return done.ok ? redirect("/account") : data({ problem: done.sentence }, { status: 503 });
}

export default function Data({ loaderData: { name, isOwner, isEmpty: hasNothing }, actionData }: Route.ComponentProps) {
  const isGoing = useNavigation().state !== "idle";
  if (!isOwner)
    return (
      <SettingsPage>
        <p className="page-note">Only an owner can back up or end the workroom.</p>
      </SettingsPage>
    );
  return (
    <SettingsPage>
      <section className="settings-part">
        <h2 className="page-part">Back up</h2>
        <p>
          One archive with every client, measuring, garment, version, fitting, photograph, cloth and setting. It holds
          private figures: keep it where nobody else comes.
        </p>
        <p className="page-note">
          <a className="main-act" href="/settings/backup.zip" download>
            Save an archive
          </a>
        </p>
      </section>
      <section className="settings-part">
        <h2 className="page-part">Restore</h2>
        {hasNothing ? (
          <RestoreArchive />
        ) : (
          <p className="page-note">
            An archive is taken into an empty workroom only, so that nothing of this one is mixed up: make a new
            workroom, and restore it there.
          </p>
        )}
      </section>
      <section className="settings-part">
        <h2 className="page-part">End the workroom</h2>
        <p>Destroys “{name}” with all that is in it, for good. Save an archive first.</p>
        {actionData && <p role="alert">{actionData.problem}</p>}
        <ActForm>
          <TextBox name="name" label={`Write “${name}”`} autoComplete="off" />
          <button className="plain-button grave" type="submit" disabled={isGoing}>
            Destroy it for good
          </button>
        </ActForm>
      </section>
    </SettingsPage>
  );
}
