import { membershipOf } from "@app/server/database";
import { askPlotter } from "@app/server/plotter/workroom-plotter";
import { postedForm } from "@app/server/posted-texts";
import { draftGarment } from "@core/garment/index";
import { readGarmentText } from "@core/spec/index";
import { isTapeUnit, tapeOf } from "@core/tape/index";
import { LINES_SHOWN, ROLLS, rollSheet, writeHpgl } from "@exporting/index";
import { data } from "react-router";
import { z } from "zod";
import type { Route } from "./+types/plotter";

const MOST_CHARACTERS = 200_000;

const ASKED = z.discriminatedUnion("act", [
  z.object({ act: z.literal("on") }),
  z.object({ act: z.literal("off") }),
  z.object({ act: z.enum(["cancel", "again"]), job: z.coerce.number().int().positive() }),
  z.object({
    act: z.literal("send"),
    garment: z.string().max(MOST_CHARACTERS),
    unit: z.string().default("in"),
    lines: z.enum(LINES_SHOWN).catch("both"),
    about: z.string().max(200).default(""),
  }),
]);

/** What the plotter and its queue are doing. */
export const loader = ({ context }: Route.LoaderArgs) =>
  askPlotter({ studio: membershipOf(context).studio.id, order: { act: "look" } });

/** Switches the practice plotter on or off, and sends, stops and repeats its jobs. */
export async function action({ request, context }: Route.ActionArgs) {
  const { id: studio, settings } = membershipOf(context).studio;
  const roll = settings.plotterRoll ?? "roll36";
  const asked = ASKED.safeParse(Object.fromEntries(await postedForm(request)));
  if (!asked.success) return data({ problem: "The plotter did not understand what was asked." }, { status: 422 });
  const sent = asked.data;
  switch (sent.act) {
    case "on":
      await askPlotter({ studio, order: { act: "on", rollWidth: ROLLS[roll].width } });
      return { problem: null };
    case "off":
    case "cancel":
    case "again":
      await askPlotter({ studio, order: sent });
      return { problem: null };
    case "send": {
      const read = readGarmentText(sent.garment);
      if (!read.ok) return data({ problem: read.issues.map(({ message }) => message).join(" ") }, { status: 422 });
      const tape = tapeOf(isTapeUnit(sent.unit) ? sent.unit : "in", settings.inchMarks);
      const sheet = rollSheet(draftGarment(read.spec), { tape, lines: sent.lines, about: sent.about }, roll);
      if (!sheet) return data({ problem: `A piece is wider than the ${ROLLS[roll].name}.` }, { status: 422 });
      const { text, travel, travelUnsorted } = writeHpgl(sheet);
      await askPlotter({
        studio,
        order: { act: "send", name: read.spec.name, text, saved: travelUnsorted - travel },
      });
      return { problem: null };
    }
  }
}
