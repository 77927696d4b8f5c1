import { ActForm } from "@app/components/act-form";
import { useTape, useUnit } from "@app/components/preferences";
import { TextBox } from "@app/components/text-box";
import {
  CLOTH_KINDS,
  type ClothKind,
  type ClothTable,
  type ClothTakes,
  clothOf,
  hangsOf,
  type OwnHangs,
  takesOf,
} from "@core/cloth/index";
import { formatForTyping, formatLength } from "@core/tape/index";
import { useState } from "react";

import { ClothBox } from "./cloth-box";
import { boxOf, CLOTH_LENGTHS, clothTexts, HANGS_FIELDS } from "./cloth-texts";

type OwnCloth = {
  readonly id: string;
  readonly name: string;
  readonly kind: ClothKind;
  readonly takes: ClothTakes;
  readonly width: number | null;
  readonly hangs: OwnHangs | null;
  readonly isRetired: boolean;
};

type Props = {
  readonly cloths: readonly OwnCloth[];
  readonly table: ClothTable;
  readonly problems: Readonly<Record<string, string>>;
  readonly mayChange: boolean;
};

/** The workroom's own cloths: added, renamed, given figures, retired and taken into use again. */
export function OwnCloths({ cloths, table, problems, mayChange }: Props) {
  const tape = useTape();
  const [edited, setEdited] = useState<string | null>(null);
  return (
    <section className="settings-part own-cloths">
      <h2 className="page-part">Your own cloths</h2>
      {cloths.length === 0 && (
        <p className="page-note">None yet. A cloth of your own has a name and figures of its own in every garment.</p>
      )}
      {cloths.map((cloth) => (
        <div key={cloth.id} className="settings-row" data-own-cloth={cloth.name}>
          <span>
            {cloth.name}
            <span className="soft">
              {" "}
              · behaves like {clothOf(cloth.kind).name.toLowerCase()}, takes{" "}
              {formatLength(cloth.takes.capEase.least, tape)} to {formatLength(cloth.takes.capEase.most, tape)} in the
              cap
              {cloth.isRetired && " · retired"}
            </span>
          </span>
          {mayChange && (
            <ActForm className="settings-acts">
              <input type="hidden" name="id" value={cloth.id} />
              {!cloth.isRetired && (
                <button className="plain-button small" type="button" onClick={() => setEdited(cloth.id)}>
                  Change
                </button>
              )}
              <button
                className="plain-button small"
                name="act"
                value={cloth.isRetired ? "use" : "retire"}
                type="submit"
              >
                {cloth.isRetired ? "Use again" : "Retire"}
              </button>
            </ActForm>
          )}
        </div>
      ))}
      {mayChange && (
        <details open={edited !== null || Object.keys(problems).length > 0}>
          <summary>{edited === null ? "Add a cloth" : "Change the cloth"}</summary>
          <ClothEditor
            key={`${edited} ${cloths.length}`}
            cloth={cloths.find(({ id }) => id === edited) ?? null}
            table={table}
            problems={problems}
          />
        </details>
      )}
    </section>
  );
}

const LABELS = {
  "capEase.least": "Least cap ease",
  "capEase.most": "Most cap ease",
  "upperArmEase.least": "Least upper-arm ease",
  "upperArmEase.most": "Most upper-arm ease",
} as const;

type EditorProps = {
  readonly cloth: OwnCloth | null;
  readonly table: ClothTable;
  readonly problems: Readonly<Record<string, string>>;
};

function ClothEditor({ cloth, table, problems }: EditorProps) {
  const unit = useUnit();
  const textsFor = (kind: ClothKind) => clothTexts("own", table[kind] ?? takesOf(clothOf(kind)), unit);
  const [texts, setTexts] = useState(cloth ? clothTexts("own", cloth.takes, unit) : textsFor("medium-woven"));
  const [kind, setKind] = useState<ClothKind>(cloth?.kind ?? "medium-woven");
  const usual = hangsOf(kind);
  const write = (id: string) => (text: string) => setTexts((before) => ({ ...before, [id]: text }));
  return (
    <ActForm className="own-cloth-editor">
      <input type="hidden" name="id" value={cloth?.id ?? ""} />
      <input type="hidden" name="unit" value={unit} />
      {problems.all && <p role="alert">{problems.all}</p>}
      <TextBox name="name" label="Name" defaultValue={cloth?.name} maxLength={120} problem={problems.name} required />
      <label className="text-box">
        <span>Behaves like</span>
        <select
          name="kind"
          value={kind}
          onChange={(event) => {
            const chosen = CLOTH_KINDS.find((one) => one === event.currentTarget.value);
            if (!chosen) return;
            setKind(chosen);
            setTexts(textsFor(chosen));
          }}
        >
          {CLOTH_KINDS.map((one) => (
            <option key={one} value={one}>
              {clothOf(one).name}
            </option>
          ))}
        </select>
      </label>
      <div className="own-cloth-figures">
        {CLOTH_LENGTHS.map((column) => (
          <div key={column}>
            <span aria-hidden="true">{LABELS[column]}</span>
            <ClothBox
              id={boxOf("own", column)}
              label={LABELS[column]}
              text={texts[boxOf("own", column)] ?? ""}
              sign={unit}
              problem={problems[boxOf("own", column)]}
              onText={write(boxOf("own", column))}
            />
          </div>
        ))}
        <div>
          <span aria-hidden="true">Most in a section</span>
          <ClothBox
            id={boxOf("own", "share")}
            label="Most ease in a section, in per cent"
            text={texts[boxOf("own", "share")] ?? ""}
            sign="%"
            problem={problems[boxOf("own", "share")]}
            onText={write(boxOf("own", "share"))}
          />
        </div>
      </div>
      <TextBox
        name="width"
        label={`Width, ${unit}`}
        defaultValue={cloth?.width == null ? "" : formatForTyping(cloth.width, unit)}
        problem={problems.width}
      />
      <details open={cloth?.hangs != null || HANGS_FIELDS.some(({ box }) => problems[box])}>
        <summary>How it hangs, where it was tested</summary>
        <div className="own-cloth-hangs">
          {HANGS_FIELDS.map(({ box, id, field }) => (
            <TextBox
              key={box}
              name={box}
              label={`${field.label}, ${field.sign}`}
              defaultValue={cloth?.hangs?.[id]}
              placeholder={`${usual[id]}`}
              problem={problems[box]}
            />
          ))}
        </div>
        <p className="page-note">
          For the toile. The bending length is half of what may hang over an edge until its end dips to 41.5°; stretch
          is the force at which a strip a metre wide would be twice as long. What is left empty is as usual for what it
          behaves like, as written in grey.
        </p>
      </details>
      <button className="plain-button" name="act" value="save" type="submit">
        {cloth ? "Keep the cloth" : "Add the cloth"}
      </button>
    </ActForm>
  );
}
